package retazo.app.staff;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.measure.Problem;

/** A person as typed by the owner. An empty password keeps the one there is. */
record PersonForm(
        @Nullable String signInName,
        @Nullable String name,
        @Nullable String password,
        @Nullable List<String> jobs,
        @Nullable String active) {

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
    String readPassword(FieldReader reader, boolean needed, String forName) {
        String text = password == null ? "" : password;
        if (needed || !text.isEmpty()) {
            PasswordRule.problem("password", text, forName).ifPresent(reader::add);
        }
        return text;
    }

    /** What stands in its fields, but for the password and the name that cannot be changed. */
    Map<String, String> texts() {
        return Map.of(
                "name", Typed.text(name), "jobs", String.join(", ", new TreeSet<>(Typed.list(jobs))), "active", isActive() ? "on" : "off");
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
