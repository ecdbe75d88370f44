package retazo.app.search;

import retazo.app.staff.Right;

/** Finds things of one kind by words: a part of each word is enough, in any order. */
interface Finds {

    /** Who may open what it finds. */
    Right right();

    Hits find(String words);
}
