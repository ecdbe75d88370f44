package retazo.app.devices.standins;

/** What can be wrong with a device. */
enum Fault {
    /** The printer has no labels left: nothing comes out. */
    PRINTER_EMPTY,
    /** The cloth slips under the wheel once: half a yard is not counted. */
    MACHINE_SLIPS,
    /** The wheel is worn: of every yard an eighth of an inch is not counted. */
    MACHINE_DRIFTS,
    /** The scanner reads one digit wrong. */
    SCANNER_MISREADS,
    /** The scanner reads a code twice. */
    SCANNER_TWICE,
    /** The scanner does not send Enter. */
    SCANNER_NO_ENTER,
    /** The till cannot be reached. */
    TILL_AWAY,
    /** The till takes what it is told, and its answer is lost. */
    TILL_MUTE,
    /** No supplier can be reached. */
    SUPPLIER_AWAY,
    /** Suppliers say that cloth comes later. */
    SUPPLIER_LATER
}
