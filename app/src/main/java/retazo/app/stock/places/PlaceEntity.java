package retazo.app.stock.places;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A place where stock stands; the database knows each that was ever noted. */
@Entity
@Table(name = "place")
class PlaceEntity {

    @Id
    private String name;

    @Column
    private @Nullable Integer walk;

    @Column(nullable = false, insertable = false, updatable = false)
    private int number;

    protected PlaceEntity() {
    }

    String name() {
        return name;
    }

    Place toPlace() {
        return new Place(name, number);
    }

    /** Its number on the way through the shop. */
    Optional<Integer> walk() {
        return Optional.ofNullable(walk);
    }

    void comesAt(int number) {
        walk = number;
    }
}
