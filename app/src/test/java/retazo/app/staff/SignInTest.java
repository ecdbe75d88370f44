package retazo.app.staff;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import retazo.app.App;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.shared.Outcome;
import retazo.app.shared.Seen;

/** Who is signed in where, and who guesses. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SignInTest {

    private static final String PASSWORD = "green tide mark";

    private final TestShop.Shop shop;
    private final StaffService staff;

    SignInTest(TestShop.Shop shop, StaffService staff) {
        this.shop = shop;
        this.staff = staff;
    }

    private SignedIn person(Job... jobs) {
        String name = Samples.unique("crew");
        return staff.addFirst(name, "Crew " + name, PASSWORD, Set.of(jobs));
    }

    private Client signedIn(String name, String password) {
        Client client = Client.nobody(shop);
        client.get("/sign-in");
        client.post("/sign-in", Map.of("username", name, "password", password));
        return client;
    }

    private static boolean isIn(Client client) {
        return client.get("/packing").uri().getPath().equals("/packing");
    }

    /** A second copy of the application on the same database: one sign-in serves both, and ends at both. */
    @Test
    void a_sign_in_is_good_at_every_copy_and_ends_at_every_copy() {
        SignedIn packer = person(Job.PACKER);
        Client here = signedIn(packer.getUsername(), PASSWORD);
        try (ConfigurableApplicationContext copy = SpringApplication.run(
                App.class, "--server.port=0", "--retazo.demo=true", "--spring.main.banner-mode=off")) {
            Client there = here.elsewhere("http://127.0.0.1:" + copy.getEnvironment().getProperty("local.server.port"));
            assertThat(isIn(there)).isTrue();

            PersonForm gone = new PersonForm(packer.getUsername(), packer.name(), "", List.of("PACKER"), null);
            Samples.done(staff.change(packer.personId(), gone, Seen.mark(staff.form(packer.personId()).texts())));

            assertThat(isIn(there)).isFalse();
            assertThat(isIn(here)).isFalse();
        }
    }

    @Test
    void who_guesses_waits_longer_each_time_even_with_the_right_password() {
        SignedIn packer = person(Job.PACKER);
        SignedIn other = person(Job.PACKER);
        for (int i = 0; i < 5; i++) {
            assertThat(isIn(signedIn(packer.getUsername(), "wrong"))).isFalse();
        }

        Client guessing = Client.nobody(shop);
        guessing.get("/sign-in");
        String answer = guessing.post("/sign-in", Map.of("username", packer.getUsername(), "password", PASSWORD)).body();

        assertThat(answer).contains("Too many tries", "seconds");
        assertThat(isIn(guessing)).isFalse();
        assertThat(isIn(signedIn(other.getUsername(), PASSWORD))).isTrue();
        assertThat(shop.database().sql("SELECT count(*) FROM sign_in_try WHERE name = ? AND NOT cleared").param(packer.getUsername())
                .query(Long.class).single()).isEqualTo(5);
    }

    @Test
    void one_changes_ones_own_password_and_is_signed_out_everywhere_else() {
        SignedIn packer = person(Job.PACKER);
        Client here = signedIn(packer.getUsername(), PASSWORD);
        Client lost = signedIn(packer.getUsername(), PASSWORD);
        here.get("/me");
        assertThat(here.post("/me/password", Map.of("current", "wrong", "fresh", "seven small boats")).body())
                .contains("not your password now");
        assertThat(here.post("/me/password", Map.of("current", PASSWORD, "fresh", "password1234")).body()).contains("tried first");

        assertThat(here.post("/me/password", Map.of("current", PASSWORD, "fresh", "seven small boats")).body())
                .contains("Your password is changed");

        assertThat(isIn(here)).isTrue();
        assertThat(isIn(lost)).isFalse();
        Client again = signedIn(packer.getUsername(), "seven small boats");
        assertThat(isIn(again)).isTrue();
        again.get("/me");
        assertThat(again.post("/me/sign-out-everywhere", Map.of()).body()).contains("signed out everywhere");
        assertThat(isIn(again)).isFalse();
        assertThat(isIn(here)).isFalse();
    }

    /** Five are free; then even the right one waits. */
    @Test
    void who_guesses_a_password_while_signed_in_waits_too() {
        SignedIn packer = person(Job.PACKER);
        Client here = signedIn(packer.getUsername(), PASSWORD);
        here.get("/me");
        for (int i = 0; i < 5; i++) {
            assertThat(here.post("/me/password", Map.of("current", "wrong", "fresh", "seven small boats")).body())
                    .contains("not your password");
        }

        assertThat(here.post("/me/password", Map.of("current", PASSWORD, "fresh", "seven small boats")).body()).contains("Too many tries.");
    }

    /** Each would leave the other as the only owner; only one of them can. */
    @Test
    void two_owners_who_take_each_others_right_at_once_leave_one() throws Exception {
        SignedIn second = person(Job.OWNER);
        shop.database().sql("""
                DELETE FROM person_job USING person
                 WHERE person.id = person_id AND job = 'OWNER' AND sign_in_name NOT IN ('marisol', ?)""").param(second.getUsername())
                .update();
        long first = shop.database().sql("SELECT id FROM person WHERE sign_in_name = 'marisol'").query(Long.class).single();
        CyclicBarrier together = new CyclicBarrier(2);
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            List<Callable<Outcome<Long>>> both = List.of(first, second.personId()).stream().<Callable<Outcome<Long>>>map(id -> () -> {
                PersonForm form = staff.form(id);
                PersonForm packer = new PersonForm(form.signInName(), form.name(), "", List.of("PACKER"), "on");
                together.await(10, TimeUnit.SECONDS);
                return staff.change(id, packer, Seen.mark(form.texts()));
            }).toList();
            int done = 0;
            for (Future<Outcome<Long>> one : threads.invokeAll(both)) {
                done += one.get().match(id -> 1, problems -> 0);
            }

            assertThat(done).isEqualTo(1);
            assertThat(staff.all().stream().filter(person -> person.jobs().contains("owner"))).isNotEmpty();
        } finally {
            threads.shutdownNow();
            staff.makeOwner("marisol", "ferry");
            shop.database().sql("DELETE FROM person_job WHERE person_id = ?").param(second.personId()).update();
        }
    }

    @Test
    void somebody_locked_out_is_let_in_again_from_the_server() {
        SignedIn gone = person(Job.PACKER);
        PersonForm away = new PersonForm(gone.getUsername(), gone.name(), "", List.of("PACKER"), null);
        Samples.done(staff.change(gone.personId(), away, Seen.mark(staff.form(gone.personId()).texts())));

        assertThat(staff.makeOwner(gone.getUsername(), "seven small boats")).isTrue();

        assertThat(signedIn(gone.getUsername(), "seven small boats").get("/practice").uri().getPath()).isEqualTo("/practice");
        assertThat(staff.makeOwner(Samples.unique("new"), "seven small boats")).isFalse();
    }

    @Test
    void a_form_without_a_sign_in_is_told_that_nothing_was_saved() {
        Client nobody = Client.nobody(shop);
        nobody.get("/sign-in");

        assertThat(nobody.postRaw("/stock/receive", "length=3").body()).contains("You were signed out meanwhile", "nothing was saved");
    }
}
