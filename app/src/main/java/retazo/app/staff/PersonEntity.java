package retazo.app.staff;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.HashSet;
import java.util.Set;

/** A person of the shop. */
@Entity
@Table(name = "person")
class PersonEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "sign_in_name", nullable = false)
    private String signInName;

    @Column(nullable = false)
    private String name;

    @Column(name = "password_hash", nullable = false)
    private String passwordHash;

    @Column(nullable = false)
    private boolean active;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "person_job", joinColumns = @JoinColumn(name = "person_id"))
    @Column(name = "job")
    @Enumerated(EnumType.STRING)
    private Set<Job> jobs = new HashSet<>();

    protected PersonEntity() {
    }

    static PersonEntity of(String signInName, String name, String passwordHash, Set<Job> jobs) {
        PersonEntity person = new PersonEntity();
        person.signInName = signInName;
        person.name = name;
        person.passwordHash = passwordHash;
        person.active = true;
        person.jobs = new HashSet<>(jobs);
        return person;
    }

    void update(String newName, Set<Job> newJobs, boolean nowActive) {
        this.name = newName;
        this.jobs = new HashSet<>(newJobs);
        this.active = nowActive;
    }

    void changePassword(String newHash) {
        this.passwordHash = newHash;
    }

    long id() {
        return id;
    }

    String signInName() {
        return signInName;
    }

    String name() {
        return name;
    }

    String passwordHash() {
        return passwordHash;
    }

    boolean isActive() {
        return active;
    }

    Set<Job> jobs() {
        return Set.copyOf(jobs);
    }

    boolean isActiveOwner() {
        return active && jobs.contains(Job.OWNER);
    }
}
