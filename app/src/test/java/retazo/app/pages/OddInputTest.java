package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.audit.BookAudit;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.practice.PracticeFixture;
import retazo.app.runs.book.RunBook;

/** More than a thousand requests made from the routes of the application, each with something odd in it: a plain answer to every one. */
@Tag("slow")
@ExtendWith(TestShop.class)
class OddInputTest {

    private static final int REQUESTS = 1_300;
    private static final long SEED = 20_261_129;
    private static final List<String> ODD_NAMES = List.of(
            "%s[0]", "%s.class", "%s[99999]", "%s[-1]", "%s[x]", "%s[", "%s]", "%s.class.module.classLoader", "%s[0].class", "%s[3].x[7]",
            "%s%%00",
            "%s..", ".%s", "_%s", "!%s", "class[%s]", "%s['a']");
    private static final List<String> ODD_VALUES = List.of(
            "%00", "a%00b", "%01", "%1B[31m", "%7F", "%C2%85", "%E2%80%AE", "%E2%80%8B", "%C2%A0", "%20", "", "%F0%9F%A7%B5", "%EF%BF%BE",
            "%ED%A0%80", "%FF", "1e999", "-1", "NaN", "1/0", "99999999999999999999", "9223372036854775807", "-9223372036854775808",
            "%3Cscript%3E",
            "%25s", "$%7B7*7%7D", "%7B0,plural%7D", "'", "%5C", "%0D%0AX-Odd:+1", "A".repeat(9_000), "%F0%9F%91%BB".repeat(300), "%D9%A3",
            "0x10", "true",
            "null", "2026-02-30", "%0A%0A", "..%2F..%2Fetc");
    private static final Set<String> LEAVING = Set.of("/sign-out", "/sign-in", "/me/password", "/me/sign-out-everywhere", "/live");

    private final TestShop.Shop shop;
    private final Samples samples;
    private final Random random = new Random(SEED);

    OddInputTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    /** A way into the application: how it is asked, where, and the names it listens to. */
    private record Route(String method, String path, List<String> names, boolean api) {
    }

    /** Every route, by method and path, so that the same seed always makes the same requests. */
    private List<Route> routes() {
        Map<RequestMappingInfo, HandlerMethod> all = shop.context()
                .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class).getHandlerMethods();
        List<Route> routes = new ArrayList<>();
        all.forEach((info, handler) -> {
            if (handler.getBeanType().getName().startsWith("retazo.")) {
                Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
                List<String> names = Arrays.stream(handler.getMethodParameters()).flatMap(OddInputTest::names).distinct().toList();
                info.getPatternValues().forEach(path -> methods.forEach(method -> routes.add(
                        new Route(method.name(), path, names, path.startsWith("/api/")))));
            }
        });
        routes.removeIf(route -> LEAVING.contains(route.path()));
        routes.sort(Comparator.comparing(Route::path).thenComparing(Route::method));
        return routes;
    }

    private static Stream<String> names(MethodParameter parameter) {
        RequestParam asked = parameter.getParameterAnnotation(RequestParam.class);
        Class<?> type = parameter.getParameterType();
        if (asked != null) {
            String name = asked.value().isEmpty() ? parameter.getParameter().getName() : asked.value();
            return Stream.of(name);
        }
        return type.isRecord() && type.getName().startsWith("retazo.app") ? namesOf(type, "") : Stream.empty();
    }

    private static Stream<String> namesOf(Class<?> form, String before) {
        return Arrays.stream(form.getRecordComponents()).flatMap(component -> namesOf(component, before));
    }

    private static Stream<String> namesOf(RecordComponent component, String before) {
        String name = before + component.getName();
        if (component.getType().isRecord()) {
            return namesOf(component.getType(), name + ".");
        }
        Matcher list = Pattern.compile("java\\.util\\.List<(retazo\\.app\\.[\\w.$]+)>").matcher(component.getGenericType().getTypeName());
        if (list.matches()) {
            try {
                return namesOf(Class.forName(list.group(1)), name + "[0].");
            } catch (ClassNotFoundException e) {
                throw new IllegalStateException(e);
            }
        }
        return Stream.of(name);
    }

    private <T> T any(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    /** A path to things of this test or, as often, to nothing. */
    private String path(Route route, Map<String, Long> things) {
        String[] steps = route.path().split("/");
        for (int i = 1; i < steps.length; i++) {
            if (steps[i].startsWith("{")) {
                String thing = i > 1 && steps[i - 1].startsWith("{") ? "bolts" : steps[i - 1];
                steps[i] = random.nextInt(4) == 0
                        ? any(List.of("0", "-1", "abc", "999999999", "99999999999999999999", "1%2F2", "%20", "1;x=2", "%F0%9F%A7%B5",
                                "%01"))
                        : String.valueOf(things.getOrDefault(thing, 999_999L));
            }
        }
        return String.join("/", steps);
    }

    /** Some of the names a route listens to, and odd ones made from them, with odd values; raw, for no client would send some of them. */
    private String fields(Route route) {
        List<String> pairs = new ArrayList<>();
        for (String name : route.names()) {
            if (random.nextInt(3) > 0) {
                pairs.add(encoded(name) + "=" + (random.nextInt(3) > 0 ? any(ODD_VALUES) : any(List.of("1", "2", "5+in", "Fog", "on"))));
            }
        }
        String stem = route.names().isEmpty() ? "words" : any(route.names());
        if (random.nextBoolean()) {
            pairs.add(encoded(any(ODD_NAMES).formatted(stem)) + "=" + any(ODD_VALUES));
        }
        if (random.nextInt(4) == 0) {
            pairs.add(encoded(stem) + "=1&" + encoded(stem) + "=2");
        }
        return String.join("&", pairs);
    }

    private static String encoded(String name) {
        return URLEncoder.encode(name, StandardCharsets.UTF_8).replace("%2500", "%00");
    }

    @Test
    void every_odd_request_is_answered_plainly() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 yd");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 2);
        long bag = samples.bean(RunBook.class).bags(Set.of(run)).get(run).get(0).id();
        Map<String, Long> things = Map.of(
                "kits", kit, "runs", run, "cutting", run, "bolts", bolt, "bags", bag, "fabrics", fabric.id(), "patterns",
                samples.bean(KitBook.class).kit(kit).pattern().patternId());
        List<Route> routes = routes();
        assertThat(routes).hasSizeGreaterThan(100);
        Client owner = Client.of(shop, "marisol");
        Map<String, String> faults = new TreeMap<>();

        PracticeFixture practice = PracticeFixture.kept(shop);
        try {
            for (int i = 0; i < REQUESTS; i++) {
                Route route = routes.get(i % routes.size());
                String path = path(route, things);
                String fields = fields(route);
                HttpResponse<String> answer = owner.odd(route.method(), path, fields);
                plain(route, answer)
                        .ifPresent(what -> faults.putIfAbsent(route.method() + " " + route.path() + ": " + what, path + " " + fields));
            }
        } finally {
            practice.putBack();
        }

        assertThat(faults).isEmpty();
        assertThat(samples.bean(BookAudit.class).differences()).isEmpty();
    }

    /** What is wrong with an answer: a fault of ours, a race there was none of, a page that is not ours, a page to another program. */
    private static Optional<String> plain(Route route, HttpResponse<String> answer) {
        int status = answer.statusCode();
        String type = answer.headers().firstValue("content-type").orElse("");
        if (status >= 500 || status == 409) {
            return Optional.of("answered " + status);
        }
        if (route.api() && status >= 400 && !type.contains("json")) {
            return Optional.of("answered " + status + " as " + type);
        }
        if (!route.api() && status >= 400 && !answer.body().contains("Retazo")) {
            return Optional.of("answered " + status + " with a page that is not ours");
        }
        return answer.body().contains("\tat ") ? Optional.of("shows its inside") : Optional.empty();
    }
}
