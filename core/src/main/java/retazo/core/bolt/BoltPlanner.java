package retazo.core.bolt;

/** Plans a run on bolts. Stateless: the same request gives the same plan. */
public interface BoltPlanner {

    /** The plan with the most bags, whatever their size. */
    BoltPlan mostBags(BoltRequest request);

    /** The plan that keeps the order asked: as many as possible of the first group, then of the second, and so on. */
    BoltPlan inOrderAsked(BoltRequest request);
}
