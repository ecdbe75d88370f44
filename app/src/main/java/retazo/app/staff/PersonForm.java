package retazo.app.staff;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;

/** A person as typed by the owner. An empty password keeps the one there is. */
record PersonForm(
        @Nullable String signInName,
        @Nullable String name,
        @Nullable String password,
        @Nullable List<String> jobs,
        @Nullable String active) {

    private static final int SHORTEST_PASSWORD = 8;
    private static final int LONGEST_PASSWORD = 64;
    private static final Pattern SIGN_IN_NAME = Pattern.compile("[a-z0-9.-]{2,30}");

    static PersonForm empty() {
        return new PersonForm("", "", "", List.of(), "on");
    }

    static PersonForm of(PersonEntity person) {
        return new PersonForm(
                person.signInName(), person.name(), "", person.jobs().stream().map(Job::name).toList(), person.isActive() ? "on" : null);
    }

    boolean isActive() {
        return active != null;
    }

    public boolean has(String job) {
        return jobs != null && jobs.contains(job);
    }

    String readSignInName(FieldReader reader) {
        String text = reader.text("signInName", signInName, 30).toLowerCase(java.util.Locale.ROOT);
        if (!text.isEmpty() && !SIGN_IN_NAME.matcher(text).matches()) {
            reader.add(Problem.at("signInName", "person.sign-in-name"));
        }
        return text;
    }

    String readName(FieldReader reader) {
        return reader.text("name", name, 60);
    }

    /** Empty when none was typed and none is needed. */
    String readPassword(FieldReader reader, boolean needed) {
        String text = password == null ? "" : password;
        boolean wrong = text.isEmpty() ? needed : text.length() < SHORTEST_PASSWORD || text.length() > LONGEST_PASSWORD;
        if (wrong) {
            reader.add(Problem.at("password", "person.password", SHORTEST_PASSWORD, LONGEST_PASSWORD));
        }
        return text;
    }

    Set<Job> readJobs(FieldReader reader) {
        Set<Job> read = EnumSet.noneOf(Job.class);
        for (String job : jobs == null ? List.<String>of() : jobs) {
            reader.choice("jobs", job, Job.class).ifPresent(read::add);
        }
        if (read.isEmpty()) {
            reader.add(Problem.at("jobs", "person.no-job"));
        }
        return read;
    }
}
