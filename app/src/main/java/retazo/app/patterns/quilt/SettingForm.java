package retazo.app.patterns.quilt;

import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import retazo.app.practice.DrawingStart;
import retazo.app.shared.Typed;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;

/**
 * How the blocks of a quilt lie, as typed.
 *
 * @param kind         {@code straight}, {@code triangles} or {@code blocks}
 * @param sides        letter of the side triangles
 * @param corners      letter of the corner triangles
 * @param cut          where edge blocks are cut
 * @param sash         letter of the sashes' role; empty for none
 * @param sashWidth    finished, or with {@code cut} behind it as it is cut
 * @param cornerstones letter; empty for none
 * @param framed       not empty for sashes around the outer blocks
 */
record SettingForm(
        @Nullable String kind, @Nullable String sides, @Nullable String corners, @Nullable String cut, @Nullable String sash,
        @Nullable String sashWidth, @Nullable String cornerstones, @Nullable String framed) {

    static final SettingForm BLANK = new SettingForm("straight", "", "", "", "", "", "", "");

    static SettingForm of(Setting setting, Function<RoleKey, String> letters, DrawingStart start) {
        Optional<Sashing> sashing = setting.sashing();
        Optional<Edges.Triangles> triangles = setting.triangles();
        return new SettingForm(
                triangles.isPresent() ? "triangles" : setting.cutUp().isPresent() ? "blocks" : "straight",
                triangles.map(Edges.Triangles::sides).map(letters).orElse(""),
                triangles.map(Edges.Triangles::corners).map(letters).orElse(""),
                setting.cutUp().orElse(start.halved()).name(),
                sashing.map(Sashing::role).map(letters).orElse(""), sashing.map(Sashing::width).map(Typed::inches).orElse(""),
                sashing.flatMap(Sashing::cornerstones).map(letters).orElse(""),
                sashing.filter(Sashing::framed).isPresent() ? "yes" : "");
    }
}
