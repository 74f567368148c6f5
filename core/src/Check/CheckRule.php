<?php

/** Findings that stop a groom or send the dog to a vet, in plain words and without a diagnosis. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;
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
            $found[] = [self::NOTE, 'vaccination', Say::it('check.the_salon_asks_for_proof_of')];
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
                Say::it('check.sore_skin_stop_there_photograph_tell', $where('sore')),
                Caution::DANGER,
            );
        }
        if ('' !== $where('parasites')) {
            $out[] = new Caution(
                'parasites_under',
                Say::it('check.something_lives_there_keep_the_dog', $where('parasites')),
                Caution::DANGER,
            );
        }
        if ('' !== $where('red', 'damp')) {
            $out[] = new Caution('red_under', Say::it('check.red_or_damp_skin_go_gently', $where('red', 'damp')));
        }

        return $out;
    }

    /** @return list<array{string, string, string}> what follows, code, sentence */
    private function breathing(Fields $in): array
    {
        return match ($in->textOrNull('airway')) {
            'laboured' => [[self::STOP, 'airway_laboured', Say::it('check.stop_breathing_is_laboured_cool_quiet')]],
            'noisy' => [[self::REFER, 'airway_noisy', Say::it('check.noisy_breathing_no_heat_no_muzzle')]],
            'snores' => [[self::NOTE, 'airway_snores', Say::it('check.snores_awake_cool_air_only_watch')]],
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
            $out[] = [self::STOP, 'skin_ring', Say::it('check.stop_ring_shaped_bare_places_can')];
        }
        if ($has('wound')) {
            $out[] = [self::STOP, 'skin_wound', Say::it('check.stop_at_that_place_an_open')];
        }
        if ($has('hot_spot')) {
            $out[] = [self::REFER, 'skin_hot_spot', Say::it('check.a_wet_sore_place_keep_off')];
        }
        if ($has('red') || $has('scabs')) {
            $out[] = [self::REFER, 'skin_red', Say::it('check.red_or_scabbed_skin_photograph_show')];
        }
        if ('' !== $in->text('lumps')) {
            $out[] = [self::REFER, 'lumps', Say::it('check.lump_noted_clip_round_it_with', $in->text('lumps'))];
        }
        $parasites = $in->textOrNull('parasites');
        if (\in_array($parasites, ['lice', 'mites_suspected'], true)) {
            $out[] = [self::STOP, 'parasites_passing', Say::it('check.stop_this_may_pass_to_other')];
        } elseif ('ticks' === $parasites) {
            $out[] = [self::REFER, 'ticks', Say::it('check.ticks_tell_the_owner_removal_as')];
        } elseif (\in_array($parasites, ['fleas', 'flea_dirt'], true)) {
            $out[] = [self::NOTE, 'fleas', Say::it('check.fleas_bathe_first_wash_the_station')];
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
                    Say::it('check.ear_do_not_clean_it_a', ucfirst($side), implode(', ', $bad)),
                ];
            }
        }
        if ($in->bool('eye_red')) {
            $out[] = [self::REFER, 'eye_red', Say::it('check.a_red_or_sore_eye_keep')];
        }
        $teeth = $in->textOrNull('teeth');
        if (\in_array($teeth, ['red_gums', 'loose', 'broken'], true)) {
            $out[] = [
                self::REFER,
                'teeth',
                Say::it('check.teeth_no_brushing_gentle_at_the', str_replace('_', ' ', $teeth)),
            ];
        }

        return $out;
    }

    /** @return list<array{string, string, string}> */
    private function legs(Fields $in): array
    {
        $out = match ($in->textOrNull('lameness')) {
            'clear' => [[self::REFER, 'lame', Say::it('check.lame_do_not_lift_that_leg')]],
            'slight', 'stiff' => [[self::NOTE, 'stiff', Say::it('check.stiff_or_slightly_lame_legs_low')]],
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
            $out[] = [self::REFER, 'claw_torn', Say::it('check.a_torn_claw_leave_it_no')];
        }
        if ($count('cracked') > 0) {
            $out[] = [self::NOTE, 'claw_cracked', Say::it('check.a_cracked_claw_file_only_no')];
        }
        if ($count('quick_near') > 0) {
            $out[] = [self::NOTE, 'quick_near', Say::it('check.quick_near_tiny_cuts_often_styptic')];
        }

        return $out;
    }
}
