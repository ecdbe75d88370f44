package retazo.app.kits;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.jspecify.annotations.Nullable;
import retazo.app.kits.choices.BesideChoice;
import retazo.app.kits.choices.PrintRuleChoice;
import retazo.app.kits.sources.KitSources;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.StoredMargin;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.PrintRule;
import retazo.core.measure.Length;
import retazo.core.price.KitPrice;
import retazo.core.quilt.size.QuiltSize;

/** A kit that the shop offers. */
@Entity
@Table(name = "kit")
class KitEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(name = "pattern_version_id", nullable = false, updatable = false)
    private long patternVersionId;

    @Column(name = "size_key", nullable = false, updatable = false)
    private String sizeKey;

    @Column(name = "size_name", nullable = false, updatable = false)
    private String sizeName;

    @Column(name = "size_position", nullable = false, updatable = false)
    private int sizePosition;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "colourway_id", updatable = false)
    private ColourwayEntity colourway;

    @Column(name = "with_binding", nullable = false, updatable = false)
    private boolean withBinding;

    @Column(name = "with_backing", nullable = false, updatable = false)
    private boolean withBacking;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Instructions instructions;

    @Column(name = "ended_at")
    private @Nullable Instant endedAt;

    @Column(name = "ended_by")
    private @Nullable Long endedBy;

    @Column(name = "instructions_reason")
    private @Nullable String instructionsReason;

    @Column(name = "instructions_by")
    private @Nullable Long instructionsBy;

    @Column(name = "instructions_at")
    private @Nullable Instant instructionsAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_override", joinColumns = @JoinColumn(name = "kit_id"))
    @MapKeyColumn(name = "measure")
    @MapKeyEnumerated(EnumType.STRING)
    @Column(name = "length_ticks", nullable = false)
    private Map<PracticeMeasure, Length> overrides = new EnumMap<>(PracticeMeasure.class);

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_precut", joinColumns = @JoinColumn(name = "kit_id"))
    @MapKeyColumn(name = "role_key")
    @Column(name = "good_id", nullable = false)
    private Map<String, Long> precuts = new HashMap<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_quarters", joinColumns = @JoinColumn(name = "kit_id"))
    @MapKeyColumn(name = "fabric_id")
    @Enumerated(EnumType.STRING)
    @Column(name = "precut_kind", nullable = false)
    private Map<Long, PrecutKind> quarters = new HashMap<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_single", joinColumns = @JoinColumn(name = "kit_id"))
    @AttributeOverride(name = "source", column = @Column(name = "good_id", nullable = false))
    private Set<BesideChoice> singles = new LinkedHashSet<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_top_up", joinColumns = @JoinColumn(name = "kit_id"))
    @AttributeOverride(name = "source", column = @Column(name = "fabric_id", nullable = false))
    private Set<BesideChoice> topUps = new LinkedHashSet<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_notion", joinColumns = @JoinColumn(name = "kit_id"))
    @MapKeyColumn(name = "good_id")
    @Column(name = "count", nullable = false)
    private Map<Long, Integer> notions = new HashMap<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_print_rule", joinColumns = @JoinColumn(name = "kit_id"))
    @MapKeyColumn(name = "good_id")
    private Map<Long, PrintRuleChoice> printRules = new HashMap<>();

    @Embedded
    private @Nullable StoredMargin margin;

    @Enumerated(EnumType.STRING)
    @Column(name = "long_strips")
    private @Nullable LongLay longStrips;

    @Enumerated(EnumType.STRING)
    @Column(name = "backing_seams")
    private @Nullable BackingSeams backingSeams;

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_any_way", joinColumns = @JoinColumn(name = "kit_id"))
    @Column(name = "fabric_id", nullable = false)
    private Set<Long> anyWay = new HashSet<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "kit_upright", joinColumns = @JoinColumn(name = "kit_id"))
    @Column(name = "good_id", nullable = false)
    private Set<Long> upright = new HashSet<>();

    @Column(name = "follows_paper", nullable = false)
    private boolean followsPaper;

    /** Whether it was thought to be of the shop's own pattern, before the designer was named. */
    @Column(nullable = false)
    private boolean moved;

    @Column
    private @Nullable String price;

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt;

    protected KitEntity() {
    }

    static KitEntity of(PatternVersion pattern, QuiltSize size, ColourwayEntity colourway, Contents contents, Instant now) {
        KitEntity kit = new KitEntity();
        Instructions instructions = pattern.instructions(size.key().value());
        kit.patternVersionId = pattern.id();
        kit.sizeKey = size.key().value();
        kit.sizeName = size.name();
        kit.sizePosition = pattern.design().sizes().indexOf(size) + 1;
        kit.colourway = colourway;
        kit.withBinding = contents.binding();
        kit.withBacking = contents.backing();
        kit.instructions = instructions;
        kit.followsPaper = instructions == Instructions.PRINTED;
        kit.createdAt = now;
        return kit;
    }

    /** The same in another colourway or with other contents, by the same instructions. */
    KitEntity in(ColourwayEntity other, Contents contents, Instant now) {
        KitEntity kit = new KitEntity();
        kit.patternVersionId = patternVersionId;
        kit.sizeKey = sizeKey;
        kit.sizeName = sizeName;
        kit.sizePosition = sizePosition;
        kit.colourway = other;
        kit.withBinding = contents.binding();
        kit.withBacking = contents.backing();
        kit.instructions = instructions;
        kit.instructionsReason = instructionsReason;
        kit.instructionsBy = instructionsBy;
        kit.instructionsAt = instructionsAt;
        kit.followsPaper = followsPaper;
        kit.moved = moved;
        kit.createdAt = now;
        return kit;
    }

    long id() {
        return id;
    }

    long patternVersionId() {
        return patternVersionId;
    }

    String sizeKey() {
        return sizeKey;
    }

    ColourwayEntity colourway() {
        return colourway;
    }

    void set(KitSettings settings) {
        longStrips = settings.longStrips().orElse(null);
        backingSeams = settings.backing().orElse(null);
        anyWay.clear();
        anyWay.addAll(settings.directions().anyWay());
        upright.clear();
        upright.addAll(settings.directions().upright());
        overrides.clear();
        overrides.putAll(settings.measures());
        margin = StoredMargin.of(settings.margin());
        price = settings.price().map(KitPrice::code).orElse(null);
    }

    KitSettings settings() {
        return new KitSettings(overrides, StoredMargin.read(margin), Optional.ofNullable(longStrips), Optional.ofNullable(backingSeams),
                new KitDirections(anyWay, upright), Optional.ofNullable(price).map(KitPrice::read));
    }

    void set(KitSources sources) {
        precuts.clear();
        sources.precuts().forEach((role, good) -> precuts.put(role.value(), good.id()));
        quarters.clear();
        quarters.putAll(sources.quarters());
        notions.clear();
        sources.notions().forEach(notion -> notions.put(notion.good().id(), notion.count()));
        printRules.clear();
        sources.printRules().forEach((good, rule) -> printRules.put(good, PrintRuleChoice.of(rule)));
        singles.clear();
        sources.singles().forEach(
                single -> singles.add(new BesideChoice(single.role().value(), single.good().id(), single.value(), single.count())));
        topUps.clear();
        sources.topUps().forEach(
                topUp -> topUps.add(new BesideChoice(topUp.role().value(), topUp.fabric().id(), topUp.value(), topUp.count())));
    }

    /** Which prints of its precuts go together, by their ids. */
    Map<Long, PrintRule> printRules() {
        return printRules.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, entry -> entry.getValue().toRule()));
    }

    /** How many of each notion go along, by its id. */
    Map<Long, Integer> notions() {
        return Map.copyOf(notions);
    }

    /** The prints that it takes by themselves. */
    List<BesideChoice> singles() {
        return List.copyOf(singles);
    }

    /** The sheets that it takes off bolts. */
    List<BesideChoice> topUps() {
        return List.copyOf(topUps);
    }

    /** The ids of the precuts that it takes in place of cloth, by the keys of their roles. */
    Map<String, Long> precuts() {
        return Map.copyOf(precuts);
    }

    /** The quarters or eighths that fabrics are cut into, by their ids. */
    Map<Long, PrecutKind> quarters() {
        return Map.copyOf(quarters);
    }

    /** Whose instructions it has unless somebody decides otherwise. */
    Instructions given() {
        return followsPaper ? Instructions.PRINTED : Instructions.OURS;
    }

    Instructions instructions() {
        return instructions;
    }

    /** Who decided when and why that its lengths are not those of the printed pattern. */
    Optional<Decision> decision() {
        return instructionsReason == null || instructionsBy == null || instructionsAt == null
                ? Optional.empty()
                : Optional.of(new Decision(instructionsReason, instructionsBy, instructionsAt));
    }

    boolean isMoved() {
        return moved;
    }

    /** Its pattern is another designer's after all: it follows the paper, or stays cut by the shop for a reason. */
    void followPaper(Decision ifCutByTheShop) {
        moved = true;
        followsPaper = true;
        if (instructions == Instructions.SHOP) {
            decide(Instructions.SHOP, ifCutByTheShop);
        } else {
            takeBackDecision();
        }
    }

    void decide(Instructions wanted, Decision decision) {
        instructions = wanted;
        instructionsReason = decision.reason();
        instructionsBy = decision.personId();
        instructionsAt = decision.at();
    }

    void takeBackDecision() {
        instructions = given();
        instructionsReason = null;
        instructionsBy = null;
        instructionsAt = null;
    }

    Contents contents() {
        return new Contents(withBinding, withBacking);
    }

    /** It is planned no more. */
    void end(long personId, Instant now) {
        endedBy = personId;
        endedAt = now;
    }

    void goOn() {
        endedBy = null;
        endedAt = null;
    }

    int sizePosition() {
        return sizePosition;
    }

    boolean isEnded() {
        return endedAt != null;
    }
}
