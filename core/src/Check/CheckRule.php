<?php

/** Findings that stop a groom or send the dog to a vet, in plain words and without a diagnosis. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Zone\ZoneTable;

final readonly class CheckRule
{
    /** What the skin under a mat, or beside it, can look like. */
    public const SKIN_UNDER = ['fine', 'red', 'damp', 'sore', 'parasites'];

    private const STOP = 'stop';
    private const REFER = 'refer';
    private const NOTE = 'note';

    /**
     * @param Fields $in as HandsOn::shape() has read it
     * @param float|null $kgBefore weight at the visit before
     * @param int $dewclaws the dog's dewclaws as its record says
     * @param bool $vaccinationRule whether this salon asks for proof
     */
    public function findings(Fields $in, ?float $kgBefore, int $dewclaws, bool $vaccinationRule): Findings
    {
        $found = [...$this->breathing($in), ...$this->skin($in), ...$this->head($in), ...$this->legs($in)];
        if ($vaccinationRule && \in_array($in->text('vaccination'), ['expired', 'not_shown'], true)) {
            $found[] = [
                self::NOTE,
                'vaccination',
                'The salon asks for proof of vaccination and has not seen a valid one: as the salon\'s own rule says.',
            ];
        }
        $order = [self::STOP => 0, self::REFER => 1, self::NOTE => 2];
        usort($found, static fn (array $a, array $b): int => $order[$a[0]] <=> $order[$b[0]]);
        $level = [self::STOP => Caution::DANGER, self::REFER => Caution::CAUTION, self::NOTE => Caution::NOTE];

        return new Findings(
            [] !== array_filter($found, static fn (array $f): bool => self::STOP === $f[0]),
            [] !== array_filter($found, static fn (array $f): bool => self::NOTE !== $f[0]),
            array_map(static fn (array $f): Caution => new Caution($f[1], $f[2], $level[$f[0]]), $found),
            CheckQuestions::of($in, $kgBefore, $dewclaws),
        );
    }

    /**
     * What was seen at the skin of single zones during the comb test.
     *
     * @param array<string, string> $skin zone label => one of SKIN_UNDER
     *
     * @return list<Caution>
     */
    public function skinUnder(array $skin): array
    {
        $where = static fn (string ...$what): string => implode(
            ', ',
            array_keys(array_filter($skin, static fn (string $s): bool => \in_array($s, $what, true))),
        );
        $out = [];
        if ('' !== $where('sore')) {
            $out[] = new Caution(
                'sore_under',
                $where('sore').
                    ': sore skin. Stop there, photograph, tell the owner; a vet should look before anything is done.',
                Caution::DANGER,
            );
        }
        if ('' !== $where('parasites')) {
            $out[] = new Caution(
                'parasites_under',
                $where('parasites').
                    ': something lives there. Keep the dog apart, disinfect the station and tools; a vet first.',
                Caution::DANGER,
            );
        }
        if ('' !== $where('red', 'damp')) {
            $out[] = new Caution(
                'red_under',
                $where('red', 'damp').
                    ': red or damp skin. Go gently, no product, show the owner; a vet if it spreads.',
            );
        }

        return $out;
    }

    /** @return list<array{string, string, string}> what follows, code, sentence */
    private function breathing(Fields $in): array
    {
        return match ($in->textOrNull('airway')) {
            'laboured' => [
                [
                    self::STOP,
                    'airway_laboured',
                    'Stop: breathing is laboured. Cool, quiet, upright, nothing round the neck; call a vet now, '.
                    'then the owner.',
                ],
            ],
            'noisy' => [
                [
                    self::REFER,
                    'airway_noisy',
                    'Noisy breathing: no heat, no muzzle over the nose, short stages; stop if it gets louder. A '.
                    'vet should hear it.',
                ],
            ],
            'snores' => [[self::NOTE, 'airway_snores', 'Snores awake: cool air only, watch it while it is dried.']],
            default => [],
        };
    }

    /** @return list<array{string, string, string}> */
    private function skin(Fields $in): array
    {
        $skin = $in->texts('skin');
        $has = static fn (string $what): bool => \in_array($what, $skin, true);
        $out = [];
        if ($has('ring_shaped')) {
            $out[] = [
                self::STOP,
                'skin_ring',
                'Stop: ring-shaped bare places can pass to dogs and people. Keep it apart, gloves, disinfect the '.
                'station before the next dog; a vet first.',
            ];
        }
        if ($has('wound')) {
            $out[] = [
                self::STOP,
                'skin_wound',
                'Stop at that place: an open wound is not groomed. Photograph, tell the owner, a vet; the rest '.
                'only if the dog is easy about it.',
            ];
        }
        if ($has('hot_spot')) {
            $out[] = [
                self::REFER,
                'skin_hot_spot',
                'A wet, sore place: keep off it, no product, tell the owner; a vet should look.',
            ];
        }
        if ($has('red') || $has('scabs')) {
            $out[] = [
                self::REFER,
                'skin_red',
                'Red or scabbed skin: photograph, show the owner, no new product; a vet should look.',
            ];
        }
        if ('' !== $in->text('lumps')) {
            $out[] = [
                self::REFER,
                'lumps',
                'Lump noted: '.
                $in->text('lumps').
                '. Clip round it with care, show the owner; a vet should feel it.',
            ];
        }
        $parasites = $in->textOrNull('parasites');
        if (\in_array($parasites, ['lice', 'mites_suspected'], true)) {
            $out[] = [
                self::STOP,
                'parasites_passing',
                'Stop: this may pass to other dogs. Keep it apart, disinfect the station and tools; a vet first.',
            ];
        } elseif ('ticks' === $parasites) {
            $out[] = [
                self::REFER,
                'ticks',
                'Ticks: tell the owner; removal as the salon is allowed to, the place noted, a vet if it reddens.',
            ];
        } elseif (\in_array($parasites, ['fleas', 'flea_dirt'], true)) {
            $out[] = [
                self::NOTE,
                'fleas',
                'Fleas: bathe first, wash the station and towels hot before the next dog, tell the owner; what '.
                'treats them is for a vet to say.',
            ];
        }

        return $out;
    }

    /** @return list<array{string, string, string}> */
    private function head(Fields $in): array
    {
        $out = [];
        $ears = $in->objectOrNull('ears');
        foreach (['left', 'right'] as $side) {
            $found = $ears?->texts($side) ?? [];
            $bad = array_values(array_intersect($found, ['smell', 'red', 'discharge', 'swollen']));
            if ([] !== $bad) {
                $out[] = [
                    self::REFER,
                    "ear_$side",
                    ucfirst($side).' ear: '.implode(', ', $bad).'. Do not clean it; a vet should look.',
                ];
            }
        }
        if ($in->bool('eye_red')) {
            $out[] = [
                self::REFER,
                'eye_red',
                'A red or sore eye: keep soap and hair away, no clipping at that corner; a vet should look.',
            ];
        }
        $teeth = $in->textOrNull('teeth');
        if (\in_array($teeth, ['red_gums', 'loose', 'broken'], true)) {
            $out[] = [
                self::REFER,
                'teeth',
                'Teeth: '.str_replace('_', ' ', $teeth).'. No brushing, gentle at the muzzle; a vet should look.',
            ];
        }

        return $out;
    }

    /** @return list<array{string, string, string}> */
    private function legs(Fields $in): array
    {
        $out = match ($in->textOrNull('lameness')) {
            'clear' => [
                [
                    self::REFER,
                    'lame',
                    'Lame: do not lift that leg, let it lie down, shorten the visit; tell the owner, a vet.',
                ],
            ],
            'slight', 'stiff' => [
                [self::NOTE, 'stiff', 'Stiff or slightly lame: legs low and in line, non-slip mat, rests.'],
            ],
            default => [],
        };
        $claws = $in->objectOrNull('claws');
        $count = static fn (string $state): int => array_sum(
            array_map(
                static fn (string $foot): int => \count(array_keys($claws?->texts($foot) ?? [], $state, true)),
                ZoneTable::FEET,
            ),
        );
        if ($count('torn') > 0) {
            $out[] = [self::REFER, 'claw_torn', 'A torn claw: leave it, no grinder near it, clean and cover; a vet.'];
        }
        if ($count('cracked') > 0) {
            $out[] = [self::NOTE, 'claw_cracked', 'A cracked claw: file only, no clipper on it, tell the owner.'];
        }
        if ($count('quick_near') > 0) {
            $out[] = [self::NOTE, 'quick_near', 'Quick near: tiny cuts, often; styptic at hand.'];
        }

        return $out;
    }
}
