package retazo.app.shared;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.util.Locale;
import retazo.core.measure.Money;

/** Money as pages show it: {@code $12.90}. */
public final class MoneyText {

    private MoneyText() {
    }

    public static String of(Money money) {
        NumberFormat format = NumberFormat.getCurrencyInstance(Locale.US);
        format.setCurrency(money.currency());
        int digits = money.currency().getDefaultFractionDigits();
        format.setMinimumFractionDigits(digits);
        format.setMaximumFractionDigits(digits);
        return format.format(BigDecimal.valueOf(money.minor(), digits));
    }
}
