package retazo.app.staff;

import java.util.List;

/** Where a person is added or changed. */
record PersonPage(boolean isNew) {

    public List<Job> jobs() {
        return List.of(Job.values());
    }
}
