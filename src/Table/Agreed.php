<?php

/** What of a groom was agreed or forced, place by place: whether it was done so, and when a patch has grown out. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Table\Board;

final class Agreed
{
    /** Names the question whether a place was done as agreed, among what is looked at in the end. */
    private const LOOK = 'agreed.';
    private const FROM = ['mat', 'agreement'];

    private function __construct()
    {
    }

    /**
     * Zones that a mat or the owner's word made what they are, in the order of the body.
     *
     * @return list<array{zone: string, words: string, finished_mm: float|null, state: string, said: bool|null}> state:
     *     as_agreed, differently or not_done; said: what was answered at the end
     */
    public static function places(Groom $groom, Board $board, GroomView $view): array
    {
        $marks = [];
        foreach ($view->zones as $z) {
            $marks[$z->zone] = $z;
        }
        $rows = $groom->today['view'] ?? null;
        $out = [];
        foreach (\is_array($rows) && \is_array($rows['zones'] ?? null) ? $rows['zones'] : [] as $row) {
            if (!\is_array($row) || !\is_string($row['zone'] ?? null) || !self::isAgreed($row)) {
                continue;
            }
            $mark = $marks[$row['zone']] ?? null;
            $mm = $row['finished_mm'] ?? ($mark->planned_mm ?? null);
            $out[] = [
                'zone' => $row['zone'],
                'words' => \is_string($row['words'] ?? null) ? $row['words'] : 'nothing',
                'finished_mm' => is_numeric($mm) ? (float) $mm : null,
                'state' => match (true) {
                    null === $mark, 'done' !== $mark->state => 'not_done',
                    null !== $mark->actual => 'differently',
                    default => 'as_agreed',
                },
                'said' => $board->looked[self::LOOK.$row['zone']] ?? null,
            ];
        }

        return $out;
    }

    /**
     * Places that are shorter than the style and go back to it.
     *
     * @return list<array{zone: string, words: string, left_mm: float|null, grown_out_on: string}>
     */
    public static function exceptions(GroomView $view): array
    {
        $out = [];
        foreach ($view->zones as $z) {
            if (null !== $z->fill_back_on) {
                $out[] = [
                    'zone' => $z->zone,
                    'words' => ($z->actual ?? $z->planned)->words ?? '',
                    'left_mm' => $z->actual_mm,
                    'grown_out_on' => $z->fill_back_on,
                ];
            }
        }

        return $out;
    }

    /** @param array<mixed> $row of today's list; one that is done keeps where it came from by its reason */
    private static function isAgreed(array $row): bool
    {
        return \in_array($row['from'] ?? '', self::FROM, true)
            || (true === ($row['exception'] ?? false) && 'done' === ($row['state'] ?? ''));
    }
}
