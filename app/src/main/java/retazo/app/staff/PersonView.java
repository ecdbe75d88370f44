package retazo.app.staff;

import java.util.stream.Collectors;

/** A person as a list shows them. */
record PersonView(long id, String name, String signInName, String jobs, boolean active) {

    static PersonView of(PersonEntity person) {
        String jobs = person.jobs().stream().sorted().map(Job::word).collect(Collectors.joining(", "));
        return new PersonView(person.id(), person.name(), person.signInName(), jobs, person.isActive());
    }
}
