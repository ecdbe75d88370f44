package retazo.app.practice;

import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.shared.Seen;

/** Keeps the practice of the shop while a test does anything to it, and puts it back. */
public record PracticeFixture(PracticeService practice, PracticeForm before) {

    public static PracticeFixture kept(TestShop.Shop shop) {
        PracticeService practice = shop.context().getBean(PracticeService.class);
        return new PracticeFixture(practice, practice.form());
    }

    public void putBack() {
        Samples.done(practice.change(before, Seen.mark(practice.form().texts())));
    }

    /** From now on a bag is closed by somebody who put nothing into it. */
    public void closeBySomebodyElse() {
        Samples.done(practice.change(
                new PracticeForm(
                        before.measures(), before.margin(), before.sellingUnit(), before.mostSizes(), before.layers(), before.longStrips(),
                        before.packets(), BagClosing.SOMEBODY_ELSE.name(), before.borderJoin(), before.bindingJoin(), before.papers(),
                        before.drawings()),
                Seen.mark(practice.form().texts())));
    }
}
