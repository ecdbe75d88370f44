package retazo.app.devices;

import retazo.core.measure.Length;

/** Winds a bolt and tells how long it is. */
public interface MeasuringMachine {

    /**
     * What the machine shows for the bolt on it.
     *
     * @param byTheBook what the book says; only a machine that stands in for one looks at it
     */
    Length measure(Length byTheBook);
}
