package retazo.app.stock;

import java.time.Instant;
import java.util.Optional;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.Tolerance;
import retazo.core.measure.Length;

/**
 * A bolt as other features see it.
 *
 * @param onHand     by the book
 * @param reserved   for runs; may be more than is on hand after a sale that ate reserved cloth
 * @param started    whether something was cut from it
 * @param measuredAt when somebody last measured it; absent for an estimate
 * @param parentCode the bolt that this remnant was cut from
 */
public record Bolt(
        long id,
        String code,
        long fabricId,
        String lot,
        String place,
        Length usableWidth,
        Length onHand,
        Length reserved,
        boolean started,
        Optional<Instant> measuredAt,
        Optional<String> parentCode) {

    /** A bolt that is not there, to see what it would do. */
    public static Bolt wished(long fabricId, Length usableWidth, Length length) {
        return new Bolt(0, "", fabricId, "", "", usableWidth, length, Length.ZERO, false, Optional.of(Instant.MAX), Optional.empty());
    }

    /** What its tag says beside its number and length. */
    public Facts facts() {
        return new Facts(lot, place, usableWidth);
    }

    /** What is on hand and not reserved, never below zero. */
    public Length free() {
        return onHand.minus(reserved).atLeast(Length.ZERO);
    }

    /** The same with another length reserved. */
    public Bolt withReserved(Length length) {
        return new Bolt(id, code, fabricId, lot, place, usableWidth, onHand, length, started, measuredAt, parentCode);
    }

    /** What it is called in plans. */
    public String key() {
        return Long.toString(id);
    }

    /** The id of the bolt that a plan calls so. */
    public static long idOf(String key) {
        return Long.parseLong(key);
    }

    /** As the core sees it, with what is free. */
    public BoltStock toStock() {
        return new BoltStock(key(), free(), usableWidth, started);
    }

    /** The same, with so much left out as it may be shorter than the book says. */
    public BoltStock toStock(Tolerance tolerance) {
        return new BoltStock(key(), free(), usableWidth, started, tolerance.of(measuredAt.isPresent()));
    }

    /** As the core sees it, with all that is on hand, reserved or not. */
    public BoltStock toWholeStock() {
        return new BoltStock(key(), onHand, usableWidth, started);
    }

    /**
     * What a bolt's tag says beside its number and length.
     *
     * @param place may be empty
     */
    public record Facts(String lot, String place, Length usableWidth) {

        /** Whether cloth that is planned of it would no longer be what was planned. */
        public boolean touchesPlans(Facts before) {
            return !lot.equals(before.lot) || !usableWidth.equals(before.usableWidth);
        }
    }
}
