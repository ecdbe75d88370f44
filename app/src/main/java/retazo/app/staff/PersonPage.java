package retazo.app.staff;

import java.util.List;

/** Where a person is added or changed, with the mark of what is shown. */
record PersonPage(boolean isNew, String seen) {

    public List<Job> jobs() {
        return List.of(Job.values());
    }
}
