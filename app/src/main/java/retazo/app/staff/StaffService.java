package retazo.app.staff;

import static java.util.Objects.requireNonNull;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Seen;
import retazo.core.measure.Problem;

/** Who works in the shop and may sign in. */
@Service
public class StaffService implements UserDetailsService {

    /** No password has such a hash. */
    private static final String NO_PASSWORD = "{bcrypt}none";

    private final PersonRepository people;
    private final PasswordEncoder passwords;

    StaffService(PersonRepository people, PasswordEncoder passwords) {
        this.people = people;
        this.passwords = passwords;
    }

    @Override
    @Transactional(readOnly = true)
    public SignedIn loadUserByUsername(String signInName) {
        return people.findBySignInName(signInName.strip().toLowerCase(java.util.Locale.ROOT))
                .map(SignedIn::new)
                .orElseThrow(() -> new UsernameNotFoundException("Nobody signs in as that."));
    }

    /** The names of people by their id, also of those who have left. */
    @Transactional(readOnly = true)
    public Map<Long, String> names(Set<Long> ids) {
        return people.findAllById(ids).stream().collect(Collectors.toMap(PersonEntity::id, PersonEntity::name));
    }

    /** Everybody who works here or did, by name. */
    @Transactional(readOnly = true)
    public Map<Long, String> everybody() {
        Map<Long, String> names = new LinkedHashMap<>();
        people.inOrder().forEach(person -> names.put(person.id(), person.name()));
        return names;
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return people.count() == 0;
    }

    /** Adds a person without asking for the rules of a form: the first owner, and the people of the demo shop. */
    @Transactional
    public SignedIn addFirst(String signInName, String name, String password, Set<Job> jobs) {
        return new SignedIn(people.saveAndFlush(PersonEntity.of(signInName, name, hash(password), jobs)));
    }

    @Transactional(readOnly = true)
    List<PersonView> all() {
        return people.inOrder().stream().map(PersonView::of).toList();
    }

    @Transactional(readOnly = true)
    PersonForm form(long id) {
        return PersonForm.of(person(id));
    }

    /** Somebody who is to work here, checked; they cannot sign in before the owner gives them a password. */
    public record NewPerson(String signInName, String name, Set<Job> jobs) {
    }

    /** Reads what is written of a person; with problems in the reader it must not be used. */
    @Transactional(readOnly = true)
    public NewPerson read(String signInName, String name, Set<Job> jobs, FieldReader reader) {
        PersonForm form = new PersonForm(signInName, name, "", jobs.stream().map(Job::name).toList(), "on");
        String readName = form.readSignInName(reader);
        refuseTaken(readName, reader);
        return new NewPerson(readName, form.readName(reader), form.readJobs(reader));
    }

    /** Adds somebody who cannot sign in yet. */
    @Transactional
    public void add(NewPerson person) {
        people.saveAndFlush(PersonEntity.of(person.signInName(), person.name(), NO_PASSWORD, person.jobs()));
    }

    /** Those who work here now, as a list of them can be read again. */
    @Transactional(readOnly = true)
    public List<NewPerson> working() {
        return people.inOrder().stream().filter(PersonEntity::isActive)
                .map(person -> new NewPerson(person.signInName(), person.name(), person.jobs())).toList();
    }

    /** These people no longer work here; refused where no owner would be left. */
    @Transactional
    public Outcome<Long> leave(List<String> signInNames) {
        List<PersonEntity> all = people.lockAll();
        if (all.stream().noneMatch(person -> person.isActiveOwner() && !signInNames.contains(person.signInName()))) {
            return Outcome.refused(Problem.of("person.last-owner"));
        }
        List<PersonEntity> leaving = all.stream().filter(person -> signInNames.contains(person.signInName())).toList();
        leaving.forEach(person -> {
            person.update(person.name(), person.jobs(), false);
            people.signOut(person.signInName());
        });
        people.flush();
        return Outcome.done((long) leaving.size());
    }

    private void refuseTaken(String signInName, FieldReader reader) {
        if (people.findBySignInName(signInName).isPresent()) {
            reader.add(Problem.at("signInName", "person.sign-in-name-taken", signInName));
        }
    }

    @Transactional
    Outcome<Long> add(PersonForm form) {
        FieldReader reader = new FieldReader();
        String signInName = form.readSignInName(reader);
        String name = form.readName(reader);
        String password = form.readPassword(reader, true, signInName);
        Set<Job> jobs = form.readJobs(reader);
        refuseTaken(signInName, reader);
        return reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : Outcome.done(people.save(PersonEntity.of(signInName, name, hash(password), jobs)).id());
    }

    /** Changes a person; they are signed out everywhere. Refused when somebody else changed them since the form was shown. */
    @Transactional
    Outcome<Long> change(long id, PersonForm form, String seen) {
        List<PersonEntity> all = people.lockAll();
        PersonEntity person = all.stream().filter(one -> one.id() == id).findFirst().orElseThrow(() -> new NotFoundException("person", id));
        FieldReader reader = new FieldReader();
        String name = form.readName(reader);
        String password = form.readPassword(reader, false, person.signInName());
        Set<Job> jobs = form.readJobs(reader);
        boolean stillOwner = form.isActive() && jobs.contains(Job.OWNER);
        boolean otherOwner = all.stream().anyMatch(other -> other.id() != id && other.isActiveOwner());
        if (!stillOwner && person.isActiveOwner() && !otherOwner) {
            reader.add(Problem.at("jobs", "person.last-owner"));
        }
        if (reader.anyProblem()) {
            return Outcome.refused(reader.problems());
        }
        List<Problem> meanwhile = Seen.meanwhile(seen, PersonForm.of(person).texts(), form.texts());
        if (!meanwhile.isEmpty()) {
            return Outcome.refused(meanwhile);
        }
        person.update(name, jobs, form.isActive());
        if (!password.isEmpty()) {
            person.changePassword(hash(password));
        }
        people.flush();
        people.signOut(person.signInName());
        return Outcome.done(id);
    }

    /** Changes one's own password; all other places where one is signed in end. */
    @Transactional
    Outcome<Long> changeOwnPassword(long id, OwnPasswordForm form, String session) {
        PersonEntity person = person(id);
        if (!passwords.matches(form.current() == null ? "" : form.current(), person.passwordHash())) {
            return Outcome.refused(Problem.at("current", "person.password-wrong"));
        }
        String fresh = form.fresh() == null ? "" : form.fresh();
        Optional<Problem> weak = PasswordRule.problem("fresh", fresh, person.signInName());
        if (weak.isPresent()) {
            return Outcome.refused(weak.get());
        }
        person.changePassword(hash(fresh));
        people.flush();
        people.signOutOthers(person.signInName(), session);
        return Outcome.done(id);
    }

    /** Signs a person out everywhere. */
    @Transactional
    void signOutEverywhere(String signInName) {
        people.signOut(signInName);
    }

    /**
     * Lets somebody in again who is locked out: makes them an active owner with a new password, and a person if there is none of that name.
     *
     * @return whether there was one
     */
    @Transactional
    public boolean makeOwner(String signInName, String password) {
        Optional<PersonEntity> known = people.findBySignInName(signInName);
        known.ifPresentOrElse(person -> {
            Set<Job> jobs = EnumSet.of(Job.OWNER);
            jobs.addAll(person.jobs());
            person.update(person.name(), jobs, true);
            person.changePassword(hash(password));
            people.flush();
            people.signOut(signInName);
        }, () -> addFirst(signInName, signInName, password, Set.of(Job.OWNER)));
        return known.isPresent();
    }

    private String hash(String password) {
        return requireNonNull(passwords.encode(password));
    }

    private PersonEntity person(long id) {
        return people.findById(id).orElseThrow(() -> new NotFoundException("person", id));
    }
}
