<?php

/** Taps that said otherwise than somebody else had, and wait for a choice. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Table\ZoneMark;
use KeenThistle\Recipe\RecipeCodec;

final class HeldTaps
{
    private function __construct()
    {
    }

    /**
     * @param list<Tap> $taps
     *
     * @return list<array{id: string, zone: string, who: string, at: string, device: string, mine: string,
     *     theirs: string, theirs_who: string}>
     */
    public static function of(array $taps, Board $board): array
    {
        $out = [];
        foreach ($taps as $tap) {
            if (!$tap->held) {
                continue;
            }
            $mine = ZoneMark::of($tap);
            foreach ($tap->texts('zones') as $zone) {
                $theirs = $board->zones[$zone] ?? null;
                // Answered when its maker has tapped this zone once more, or somebody has chosen.
                $answered = array_filter(
                    $taps,
                    static fn (Tap $t): bool => $t->seq > $tap->seq
                        && !$t->held
                        && ($t->device === $tap->device || $t->text('settles') === $tap->id)
                        && \in_array($zone, $t->texts('zones'), true),
                );
                if (null !== $theirs && [] === $answered && !$mine->agrees($theirs)) {
                    $out[$tap->device.$zone] = [
                        'id' => $tap->id,
                        'zone' => $zone,
                        'who' => $tap->who,
                        'at' => $tap->at->format('Y-m-d\TH:i:s\Z'),
                        'device' => $tap->device,
                        'mine' => self::words($mine),
                        'theirs' => self::words($theirs),
                        'theirs_who' => $theirs->who,
                    ];
                }
            }
        }

        return array_values($out);
    }

    public static function words(ZoneMark $mark): string
    {
        $state = str_replace('_', ' ', $mark->state);

        return null === $mark->actual ? $state : $state.', '.RecipeCodec::fromArray($mark->actual)->words();
    }
}
