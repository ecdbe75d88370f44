package retazo.app.staff;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.core.session.SessionInformation;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Who works in the shop and may sign in. */
@Service
public class StaffService implements UserDetailsService {

    private final PersonRepository people;
    private final PasswordEncoder passwords;
    private final SessionRegistry sessions;

    StaffService(PersonRepository people, PasswordEncoder passwords, SessionRegistry sessions) {
        this.people = people;
        this.passwords = passwords;
        this.sessions = sessions;
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

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return people.count() == 0;
    }

    /** Adds a person without asking for the rules of a form: the first owner, and the people of the demo shop. */
    @Transactional
    public SignedIn addFirst(String signInName, String name, String password, Set<Job> jobs) {
        return new SignedIn(people.saveAndFlush(PersonEntity.of(signInName, name, passwords.encode(password), jobs)));
    }

    @Transactional(readOnly = true)
    List<PersonView> all() {
        return people.findAllByOrderByActiveDescNameAsc().stream().map(PersonView::of).toList();
    }

    @Transactional(readOnly = true)
    PersonForm form(long id) {
        return PersonForm.of(person(id));
    }

    @Transactional
    Outcome<Long> add(PersonForm form) {
        FieldReader reader = new FieldReader();
        String signInName = form.readSignInName(reader);
        String name = form.readName(reader);
        String password = form.readPassword(reader, true);
        Set<Job> jobs = form.readJobs(reader);
        if (people.findBySignInName(signInName).isPresent()) {
            reader.add(Problem.at("signInName", "person.sign-in-name-taken", signInName));
        }
        return reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : Outcome.done(people.save(PersonEntity.of(signInName, name, passwords.encode(password), jobs)).id());
    }

    /** Changes a person; what they may do changes at once, since their sessions end. */
    @Transactional
    Outcome<Long> change(long id, PersonForm form) {
        PersonEntity person = person(id);
        FieldReader reader = new FieldReader();
        String name = form.readName(reader);
        String password = form.readPassword(reader, false);
        Set<Job> jobs = form.readJobs(reader);
        boolean stillOwner = form.isActive() && jobs.contains(Job.OWNER);
        boolean otherOwner = people.findAll().stream().anyMatch(other -> other.id() != id && other.isActiveOwner());
        if (!stillOwner && person.isActiveOwner() && !otherOwner) {
            reader.add(Problem.at("jobs", "person.last-owner"));
        }
        if (reader.anyProblem()) {
            return Outcome.refused(reader.problems());
        }
        endSessions(new SignedIn(person));
        person.update(name, jobs, form.isActive());
        if (!password.isEmpty()) {
            person.changePassword(passwords.encode(password));
        }
        return Outcome.done(id);
    }

    private void endSessions(SignedIn person) {
        sessions.getAllSessions(person, false).forEach(SessionInformation::expireNow);
    }

    private PersonEntity person(long id) {
        return people.findById(id).orElseThrow(() -> new NotFoundException("person", id));
    }
}
