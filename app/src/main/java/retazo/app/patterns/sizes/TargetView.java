package retazo.app.patterns.sizes;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.measure.Length;
import retazo.core.quilt.design.SizeTarget;
import retazo.core.quilt.size.QuiltSize;

/**
 * Sizes that come near to a target.
 *
 * @param target    in words
 * @param proposals nearest first
 */
record TargetView(FractionText target, List<ProposalView> proposals) {

    /**
     * One of them.
     *
     * @param index   to ask for it
     * @param grid    blocks across and down
     * @param finished its size
     * @param misses  by how much it misses, in words
     * @param changed what differs beside the grid
     */
    record ProposalView(int index, String grid, FractionText finished, FractionText misses, FractionText changed) {
    }

    static TargetView of(SizeTarget target, List<SizeTarget.Proposal> proposals, Words words) {
        List<ProposalView> views = new ArrayList<>();
        for (SizeTarget.Proposal proposal : proposals) {
            views.add(new ProposalView(
                    views.size(), proposal.size().columns() + " × " + proposal.size().rows(),
                    FractionText.of(LengthView.sides(proposal.width(), proposal.height())),
                    FractionText
                            .of(miss("across", proposal.missAcross(target), words) + ", " + miss("down", proposal.missDown(target), words)),
                    FractionText.of(proposal.changed().stream().map(changed -> words.text(
                            "target." + changed, width(proposal, changed))).collect(Collectors.joining(", ")))));
        }
        return new TargetView(FractionText.of(LengthView.sides(target.width(), target.height())), views);
    }

    private static String width(SizeTarget.Proposal proposal, SizeTarget.Proposal.Changed changed) {
        QuiltSize.Grid size = proposal.size();
        return switch (changed) {
            case OUTER_BORDER -> plain(size.borderWidths().get(size.borderWidths().size() - 1));
            case NO_BORDER -> "";
            case SASH -> plain(size.overrides().sash().orElseThrow());
            case BLOCK -> plain(size.overrides().blockWidth().orElseThrow());
        };
    }

    private static String miss(String way, Length miss, Words words) {
        return miss.isZero()
                ? words.text("target.exact." + way)
                : words.text("target." + (miss.isNegative() ? "short." : "over.") + way, plain(miss.isNegative() ? miss.negated() : miss));
    }

    private static String plain(Length length) {
        return LengthView.cut(length).plain();
    }
}
