<?php

/** What the owner takes home, in plain words: when back, what to comb, what to watch, what to leave alone. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Coat\CoatType;

final readonly class CareSheet
{
    /**
     * @param list<array{kind: string, on: string}> $next visits, soonest first
     * @param list<string> $patches labels of zones that were cleared, with the day they fill back where it is known
     * @param list<string> $found sentences about what was found today
     * @param list<string> $homework from the handling record
     * @param list<string> $hurt what went wrong today and the owner was told
     *
     * @return list<array{title: string, lines: list<string>}>
     */
    public function of(
        string $dog,
        CoatType $coat,
        array $next,
        array $patches,
        array $found,
        array $homework,
        array $hurt,
        bool $dewclaws,
    ): array {
        $out = [
            [
                'title' => 'Back with us',
                'lines' => [] === $next
                        ? ['Nothing is booked yet: call us, and we find a day together.']
                        : array_map(
                            static fn (array $n): string => \sprintf('%s on %s.', self::kind($n['kind']), $n['on']),
                            $next,
                        ),
            ],
        ];
        $out[] = ['title' => 'At home', 'lines' => self::combing($dog, $coat)];
        if ([] !== $patches) {
            $out[] = [
                'title' => 'Shorter in places',
                'lines' => array_map(static fn (string $p): string => "$p.", $patches),
            ];
        }
        if ([] !== $hurt) {
            $out[] = [
                'title' => 'What happened today',
                'lines' => [
                    ...$hurt,
                    'Look at the place once a day. Swelling, warmth, smell or licking: call your vet.',
                ],
            ];
        }
        if ([] !== $found) {
            $out[] = [
                'title' => 'What we saw',
                'lines' => [...$found, 'We are groomers and do not diagnose: your vet does.'],
            ];
        }
        if ([] !== $homework) {
            $out[] = ['title' => "Practise with $dog", 'lines' => $homework];
        }
        $out[] = [
            'title' => 'Leave to us or to a vet',
            'lines' => [
                'Mats close to the skin: never with scissors. Do not bathe over a mat, it tightens.',
                $dewclaws
                    ? 'Claws near the quick, and dewclaws: nothing wears those; we look every four weeks.'
                    : 'Claws near the quick.',
                'Nothing into the ears but a cloth on what you can see. Teeth only with toothpaste made for dogs.',
                'Bands and bows come off when the dog is alone.',
            ],
        ];

        return $out;
    }

    private static function kind(string $kind): string
    {
        return match ($kind) {
            'full' => 'A full groom',
            'tidy' => 'A tidy: eyes, pads, sanitary',
            default => 'Claws',
        };
    }

    /** @return list<string> */
    private static function combing(string $dog, CoatType $coat): array
    {
        $lines = match (true) {
            $coat->isDouble() => [
                'Comb in layers down to the skin twice a week, daily while it sheds.',
                'Please do not have it shaved in summer: the coat keeps heat off, and may not come back as it was.',
            ],
            CoatType::Wire === $coat => ['Comb through once a week; dead hair is pulled by us, not clipped.'],
            CoatType::Smooth === $coat, CoatType::Hairless === $coat => ['A rubber mitt or a damp cloth once a week.'],
            CoatType::Corded === $coat => ['Part the cords by hand at the skin, let no bath leave them wet inside.'],
            default => [
                'Five to ten minutes a day: with a comb, in layers, from the feet up, down to the skin. A brush '.
                'slides over what a comb stops at.',
                'First behind the ears, armpits, groin, inner thighs, tail.',
            ],
        };

        return [
            ...$lines,
            "If the comb stops, hold the hair at the skin and work from the tips. If $dog minds, stop: we do it.",
        ];
    }
}
