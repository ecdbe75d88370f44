package retazo.app.devices;

import retazo.app.shared.Outcome;

/** Prints labels where they are stuck on, without a dialog in between. */
public interface LabelPrinter {

    /**
     * Prints a file.
     *
     * @param name of the file, without its ending
     * @return the name, or why nothing came out
     */
    Outcome<String> print(String name, byte[] pdf);
}
