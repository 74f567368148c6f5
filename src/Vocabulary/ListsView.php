<?php

/** The closed lists, by name: what every form offers. A response record. */

declare(strict_types=1);

namespace KeenThistle\Vocabulary;

final readonly class ListsView
{
    /**
     * @param list<array{id: string, label: string}> $method
     * @param list<array{id: string, label: string}> $lay
     * @param list<array{id: string, label: string}> $coat
     * @param list<array{id: string, label: string}> $stage
     * @param list<array{id: string, label: string}> $upkeep
     * @param list<array{id: string, label: string}> $finish
     * @param list<array{id: string, label: string}> $ground
     * @param list<array{id: string, label: string}> $handling
     * @param list<array{id: string, label: string}> $reason
     * @param list<array{id: string, label: string}> $carry
     * @param list<array{id: string, label: string}> $stop_line
     * @param list<array{id: string, label: string}> $base
     * @param list<array{id: string, label: string}> $blade
     * @param list<array{id: string, label: string}> $sex
     * @param list<array{id: string, label: string}> $build
     * @param list<array{id: string, label: string}> $muzzle
     * @param list<array{id: string, label: string}> $ear_type
     * @param list<array{id: string, label: string}> $ear_set
     * @param list<array{id: string, label: string}> $tail_type
     * @param list<array{id: string, label: string}> $tail_carriage
     * @param list<array{id: string, label: string}> $density
     * @param list<array{id: string, label: string}> $colour
     * @param list<array{id: string, label: string}> $markings
     * @param list<array{id: string, label: string}> $absent
     * @param list<array{id: string, label: string}> $health
     * @param list<array{id: string, label: string}> $state
     * @param list<array{id: string, label: string}> $visit_kind
     * @param list<array{id: string, label: string}> $zone_state
     * @param list<array{id: string, label: string}> $decision
     * @param list<array{id: string, label: string}> $skin_under
     * @param list<array{id: string, label: string}> $tool
     * @param list<array{id: string, label: string}> $place
     * @param list<array{id: string, label: string}> $rung
     * @param list<array{id: string, label: string}> $cause
     * @param list<array{id: string, label: string}> $works
     * @param list<array{id: string, label: string}> $claw
     * @param list<array{id: string, label: string}> $ear
     * @param list<array{id: string, label: string}> $teeth
     * @param list<array{id: string, label: string}> $skin
     * @param list<array{id: string, label: string}> $parasites
     * @param list<array{id: string, label: string}> $lameness
     * @param list<array{id: string, label: string}> $breathing
     * @param list<array{id: string, label: string}> $vaccination
     * @param list<array{id: string, label: string}> $rear_soil
     * @param list<array{id: string, label: string}> $rear_where
     * @param list<array{id: string, label: string}> $found
     */
    public function __construct(
        public array $method,
        public array $lay,
        public array $coat,
        public array $stage,
        public array $upkeep,
        public array $finish,
        public array $ground,
        public array $handling,
        public array $reason,
        public array $carry,
        public array $stop_line,
        public array $base,
        public array $blade,
        public array $sex,
        public array $build,
        public array $muzzle,
        public array $ear_type,
        public array $ear_set,
        public array $tail_type,
        public array $tail_carriage,
        public array $density,
        public array $colour,
        public array $markings,
        public array $health,
        public array $absent,
        public array $state,
        public array $visit_kind,
        public array $zone_state,
        public array $decision,
        public array $skin_under,
        public array $tool,
        public array $place,
        public array $rung,
        public array $cause,
        public array $works,
        public array $claw,
        public array $ear,
        public array $teeth,
        public array $skin,
        public array $parasites,
        public array $lameness,
        public array $breathing,
        public array $vaccination,
        public array $rear_soil,
        public array $rear_where,
        public array $found,
    ) {
    }
}
