package retazo.app.outbox;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** Something that goes out. */
@Entity
@Table(name = "outgoing")
class OutgoingEntity implements Persistable<UUID> {

    private static final int LONGEST = 400;

    @Id
    private UUID key;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false)
    private Outbox.Kind kind;

    @Column(nullable = false, updatable = false)
    private long about;

    @Column(nullable = false, updatable = false)
    private String body = "";

    @Column(name = "put_at", nullable = false, updatable = false)
    private Instant putAt;

    @Column(name = "next_at", nullable = false)
    private Instant nextAt;

    @Column(nullable = false)
    private int tries;

    @Column(nullable = false)
    private String trouble = "";

    @Column(name = "done_at")
    private @Nullable Instant doneAt;

    @Column(nullable = false)
    private String answer = "";

    protected OutgoingEntity() {
    }

    static OutgoingEntity of(Outbox.Kind kind, long about, String body, Instant now) {
        OutgoingEntity entity = new OutgoingEntity();
        entity.key = UUID.randomUUID();
        entity.kind = kind;
        entity.about = about;
        entity.body = body;
        entity.putAt = now;
        entity.nextAt = now;
        return entity;
    }

    void arrived(String said, Instant now) {
        tries++;
        answer = shortened(said);
        trouble = "";
        doneAt = now;
    }

    void later(String why, Instant next) {
        tries++;
        trouble = shortened(why);
        nextAt = next;
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST);
    }

    @Override
    public UUID getId() {
        return key;
    }

    @Override
    public boolean isNew() {
        return tries == 0 && doneAt == null;
    }

    Outbox.Kind kind() {
        return kind;
    }

    long about() {
        return about;
    }

    String body() {
        return body;
    }

    int tries() {
        return tries;
    }

    Outbox.Standing toStanding() {
        return new Outbox.Standing(doneAt != null, answer, tries, trouble);
    }
}
