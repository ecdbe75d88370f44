package retazo.app.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.Job;
import retazo.app.staff.Right;
import retazo.app.staff.StaffService;
import retazo.app.stock.Entry;

/** People, a line each. They sign in once the owner gave each of them a password on their page; a file is no place for one. */
@Component
class PeopleList extends ListKind {

    private static final List<Column> COLUMNS = List.of(
            Column.needed("signInName", "nele", "sign-in name", "user", "login"),
            Column.needed("name", "Nele", "name"),
            Column.needed("jobs", "cutter, packer", "jobs", "job"));
    private static final Map<String, Job> JOBS = CellWords.words(Job.values(), Job::word);

    private final StaffService staff;
    private final Words words;

    PeopleList(StaffService staff, Words words) {
        super(Name.PEOPLE, Right.PRACTICE, COLUMNS);
        this.staff = staff;
        this.words = words;
    }

    @Override
    Checked check(List<Row> rows) {
        LineReader lines = new LineReader();
        List<StaffService.NewPerson> read = new ArrayList<>();
        for (Row row : rows) {
            FieldReader reader = lines.begin(row);
            lines.once(reader, row, "signInName", row.at("signInName"));
            List<Job> jobs = Stream.of(row.at("jobs").split("[,;/+]")).map(String::strip).filter(word -> !word.isEmpty())
                    .flatMap(word -> CellWords.one(reader, "jobs", word, JOBS).stream()).toList();
            StaffService.NewPerson person = staff.read(row.at("signInName"), row.at("name"), Set.copyOf(jobs), reader);
            if (lines.end(row, reader)) {
                read.add(person);
            }
        }
        return new Checked(lines.faults(), Map.of(), words.text("opening.sum.people", read.size()),
                (entry, done) -> read.forEach(staff::add));
    }

    @Override
    Outcome<Long> takeBack(List<Row> rows, Entry booked, Entry entry) {
        return staff.leave(rows.stream().map(row -> row.at("signInName").strip().toLowerCase(Locale.ROOT)).toList());
    }

    @Override
    void save(Consumer<List<String>> line) {
        staff.working().forEach(person -> line.accept(List.of(
                person.signInName(), person.name(), String.join(", ", person.jobs().stream().map(Job::word).sorted().toList()))));
    }
}
