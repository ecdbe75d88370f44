package retazo.app.patterns;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.RoleSource;

/** What the shop plans the roles of a pattern from, where it is not cloth off the bolt; the same for all its versions. */
@Service
public class RoleSources {

    private final RoleSourceRepository sources;

    RoleSources(RoleSourceRepository sources) {
        this.sources = sources;
    }

    /** What was chosen; a role that is missing is laid on whole cloth. */
    @Transactional(readOnly = true)
    public Map<RoleKey, RoleSource> of(long patternId) {
        return sources.findByKeyPatternId(patternId).stream().collect(Collectors.toMap(RoleSourceEntity::role, RoleSourceEntity::source));
    }

    /** @param source empty for whole cloth */
    @Transactional
    public void choose(long patternId, RoleKey role, Optional<RoleSource> source) {
        source.ifPresentOrElse(
                chosen -> sources.saveAndFlush(RoleSourceEntity.of(patternId, role, chosen)),
                () -> sources.findById(new RoleSourceEntity.Key(patternId, role.value())).ifPresent(sources::delete));
    }
}
