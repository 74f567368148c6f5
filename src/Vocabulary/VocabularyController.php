<?php

/** The closed lists of the trade with their labels, so that every form offers the same words. */

declare(strict_types=1);

namespace KeenThistle\Vocabulary;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Care\FirstAid;
use KeenThistle\Core\Check\CheckRule;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Handling\Place;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Severity;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Core\Today\FindingKind;
use KeenThistle\Core\Zone\Absent;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\Visit;
use KeenThistle\Visit\VisitZone;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class VocabularyController
{
    private const SHAPES = [
        'rear' => ['breeches shortened', 'legs columned', 'follow the leg'],
        'front' => ['legs columned', 'follow the leg'],
        'body' => ['follow the body', 'tuck-up set', 'skirt kept'],
        'neck' => ['crest fuller', 'blended into shoulder'],
    ];

    /** Words that a value has in one list only. */
    private const WORDS = [
        'lameness' => ['none' => 'sound', 'slight' => 'slightly lame', 'clear' => 'clearly lame'],
        'skin' => ['clear' => 'nothing found', 'ring_shaped' => 'ring-shaped patches'],
        'colour' => [
            '' => 'not said',
            'apricot' => 'apricot or fawn',
            'brown' => 'brown or liver',
            'grey' => 'grey or blue',
        ],
        'markings' => ['dark_face' => 'dark mask', 'dark_back' => 'dark saddle'],
        'claw' => ['quick_near' => 'quick near the tip'],
        'state' => ['active' => 'coming', 'paused' => 'paused for a while', 'moved' => 'moved away'],
        'rear_where' => [
            'ring' => 'round the ring',
            'downward' => 'down between the thighs',
            'tail' => 'up under the tail',
        ],
        'found' => [
            'sore' => 'sore or wound',
            'hot_skin' => 'hot, wet skin',
            'fresh_operation' => 'fresh operation',
        ],
    ];

    public function __construct(private Scope $scope)
    {
    }

    #[Route('/api/words', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Zones and the closed lists of every form, with labels', gives: VocabularyView::class)]
    public function __invoke(Actor $actor): Response
    {
        $own = $this->scope->salon($actor)->styles;

        return Json::response(
            new VocabularyView(
                array_map(
                    static fn (Zone $z): array => [
                        'id' => $z->id,
                        'label' => $z->label,
                        'group' => $z->group,
                        'side' => $z->side,
                        'tender' => $z->tender,
                        'thin_skin' => $z->thinSkin,
                        'share' => $z->hundredths / 100,
                        'meets' => ZoneTable::meeting($z->id),
                        'shapes' => [
                            ...StyleTable::names($z->group),
                            ...array_column(
                                array_filter(
                                    $own,
                                    static fn (array $s): bool => StyleTable::KINDS[$s['kind']] === $z->group,
                                ),
                                'name',
                            ),
                            ...self::SHAPES[$z->group] ?? [],
                        ],
                    ],
                    array_values(ZoneTable::all()),
                ),
                new ListsView(
                    ...self::labelled([
                        'method' => self::values(Method::class),
                        'lay' => self::values(Lay::class),
                        'coat' => self::values(CoatType::class),
                        'stage' => self::values(CoatStage::class),
                        'upkeep' => self::values(Upkeep::class),
                        'finish' => self::values(Finish::class),
                        'ground' => self::values(Ground::class),
                        'handling' => self::values(Handling::class),
                        'reason' => Way::REASONS,
                        'carry' => ZoneRecipe::CARRY,
                        'stop_line' => ['', ...Way::STOPS],
                        'base' => BladeTable::GUARD_BASES,
                        'blade' => BladeTable::labels(),
                        'sex' => Dog::SEXES,
                        'build' => Dog::BUILDS,
                        'muzzle' => Dog::MUZZLES,
                        'ear_type' => Dog::EAR_TYPES,
                        'ear_set' => Dog::EAR_SETS,
                        'tail_type' => Dog::TAIL_TYPES,
                        'tail_carriage' => Dog::CARRIAGES,
                        'density' => Dog::DENSITIES,
                        'colour' => Dog::COLOURS,
                        'markings' => Dog::MARKINGS,
                        'health' => Dog::HEALTH,
                        'absent' => Absent::PARTS,
                        'state' => Dog::STATES,
                        'visit_kind' => Visit::KINDS,
                        'zone_state' => VisitZone::STATES,
                        'decision' => array_column(Decision::overrules(), 'value'),
                        'skin_under' => CheckRule::SKIN_UNDER,
                        'tool' => self::values(Tool::class),
                        'place' => self::values(Place::class),
                        'rung' => self::values(Rung::class),
                        'cause' => HandlingRecord::CAUSES,
                        'works' => HandlingRecord::WORKS,
                        'claw' => HandsOn::CLAWS,
                        'ear' => HandsOn::EARS,
                        'teeth' => HandsOn::TEETH,
                        'skin' => HandsOn::SKIN,
                        'parasites' => HandsOn::PARASITES,
                        'lameness' => HandsOn::LAMENESS,
                        'breathing' => HandsOn::AIRWAY,
                        'vaccination' => HandsOn::VACCINATION,
                        'rear_soil' => HandsOn::REAR_SOIL,
                        'rear_where' => HandsOn::REAR_WHERE,
                        'found' => self::placed(),
                    ]),
                ),
                array_map(
                    static fn (Severity $s): array => [
                        'id' => $s->id,
                        'label' => $s->label,
                        'spread' => $s->spread,
                        'asks_clearance' => $s->asksClearance,
                        'passes' => $s->passes,
                    ],
                    Severity::all(),
                ),
                Severity::SPREADS,
                FirstAid::all(),
            ),
        );
    }

    /**
     * @param array<string, list<string>> $lists
     *
     * @return array<string, list<array{id: string, label: string}>>
     */
    private static function labelled(array $lists): array
    {
        $out = [];
        foreach ($lists as $list => $values) {
            $out[$list] = array_map(
                static fn (string $v): array => ['id' => $v, 'label' => self::WORDS[$list][$v] ?? self::label($v)],
                $values,
            );
        }

        return $out;
    }

    /** @return list<string> findings that belong to one place */
    private static function placed(): array
    {
        $placed = array_filter(FindingKind::cases(), static fn (FindingKind $k): bool => $k->stopsHere());

        return array_map(static fn (FindingKind $k): string => $k->value, array_values($placed));
    }

    /**
     * @param class-string<\BackedEnum> $enum
     *
     * @return list<string>
     */
    private static function values(string $enum): array
    {
        return array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases());
    }

    private static function label(string $id): string
    {
        return match ($id) {
            '' => 'none',
            'sees_it',
            'moves_off',
            'near_body',
            'part_held',
            'held_with_tool_near',
            'on_at_a_distance',
            'on_nearing',
            'first_strokes' => Rung::from($id)->words(),
            'comb', 'rake', 'loosen', 'split' => Decision::from($id)->words(),
            'front_feet', 'hind_feet' => Place::from($id)->label(),
            'mites_suspected' => 'mites suspected',
            'not_shown' => 'asked, not shown',
            'clip' => 'clip, bare blade',
            'guard' => 'guard over a base',
            'strip' => 'hand-strip',
            'card' => 'card or rake',
            'toe' => 'narrow toe blade',
            'with', 'against', 'across' => $id.' the lay',
            'alternate_days' => 'every other day',
            'daily' => 'daily, to the skin',
            'surface_only' => 'surface only',
            'owner_wish' => "owner's wish",
            'comfort' => 'comfort or health',
            'repair' => 'repair of an earlier cut',
            'forced_by_mat' => 'forced by a mat',
            'cleared_by_vet' => 'cleared by a vet',
            'repeat' => 'repeat next time',
            'airway' => 'airway noise',
            'age' => 'old age',
            'joints' => 'sore joints',
            'surgery' => 'recent surgery',
            'bites' => 'has bitten',
            'two_person' => 'two people',
            'female_neutered' => 'female, neutered',
            'male_neutered' => 'male, neutered',
            default => str_replace('_', ' ', $id),
        };
    }
}
