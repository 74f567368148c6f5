<?php

/** Reads a line of the shorthand: zones, and how they are done. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Say\Say;

final class NotationReader
{
    private const FAULTS = 5;

    private const LAYS = ['with' => Lay::With, 'across' => Lay::Across, 'against' => Lay::Against];

    /** Characters of what is free to say; 40 elsewhere. */
    private const MOST = ['shape' => 80, 'clipper' => 60, 'note' => 300];

    private const NAMES = [
        '>' => 'stop',
        '@' => 'reason',
        '=' => 'shape',
        '%' => 'clipper',
        '#' => 'note',
        '!' => 'exception',
    ];

    private Tokens $in;
    private ToolReader $tools;

    /** @param list<float> $guards mm in the kit, for what is spoken in fractions of an inch */
    public function __construct(string $line, array $guards)
    {
        $this->in = new Tokens($line);
        $this->tools = new ToolReader($this->in, $guards);
    }

    public function read(): Parsed
    {
        $plan = [];
        while (null !== $this->in->peek() && \count($this->in->faults) < self::FAULTS) {
            if ($this->in->mark(';')) {
                continue;
            }
            $before = \count($this->in->faults);
            $zones = $this->zones($plan);
            $way = \count($this->in->faults) === $before ? $this->readWay() : null;
            if (null === $way || \count($this->in->faults) > $before) {
                $this->in->skip();
                continue;
            }
            foreach ($zones as $zone) {
                $plan[$zone] = $way;
            }
        }

        $ordered = [];
        foreach (ZoneNames::order() as $zone => $_) {
            if (isset($plan[$zone])) {
                $ordered[$zone] = $plan[$zone];
            }
        }

        return new Parsed($ordered, $this->tools->spoken, $this->in->faults);
    }

    /**
     * @param array<string, Way> $plan so far: a zone is said once
     *
     * @return list<string>
     */
    private function zones(array $plan): array
    {
        $out = $taken = [];
        $token = null;
        while (null !== ($token = $this->in->peek()) && 'word' === $token[0]) {
            $zones = ZoneNames::zones($token[1]) ?? ZoneNames::zones(str_replace('-', '_', strtolower($token[1])));
            if (null === $zones && isset(ZoneNames::GROUPS[strtolower($token[1])])) {
                $this->in->fault(
                    $token,
                    Say::it('shorthand.one_of_several_zones', implode(' ', ZoneNames::GROUPS[strtolower($token[1])])),
                );

                return $out;
            }
            if (null === $zones) {
                $this->in->fault(
                    $token,
                    [] === $out ? Say::it('shorthand.a_zone') : Say::it('shorthand.a_zone_or'),
                    ZoneNames::all(),
                );

                return $out;
            }
            foreach ($zones as $zone) {
                if (isset($plan[$zone]) || isset($taken[$zone])) {
                    $this->in->fault($token, Say::it('shorthand.each_zone_once_this_one_is'));

                    return $out;
                }
                $taken[$zone] = true;
                $out[] = $zone;
            }
            $this->in->next();
        }
        if ([] === $out) {
            $this->in->fault($token, Say::it('shorthand.a_zone'), ZoneNames::all());
        } elseif (!$this->in->mark(':')) {
            $this->in->fault($token, Say::it('shorthand.between_the_zones_and_how_they'));
        }

        return $out;
    }

    private function readWay(): ?Way
    {
        $tool = $this->tools->read();
        if (null === $tool) {
            return null;
        }
        $lay = $tool['lay'];
        $once = $exception = false;
        /** @var array<string, string> $texts */
        $texts = [];
        $seen = [];
        while (null !== ($token = $this->in->peek()) && ';' !== ('mark' === $token[0] ? $token[1] : '')) {
            $this->in->next();
            $name =
                'word' === $token[0]
                    ? (isset(self::LAYS[$token[1]])
                        ? 'lay'
                        : $token[1])
                    : ('mark' === $token[0]
                        ? self::NAMES[$token[1]] ?? ''
                        : '');
            if (isset($seen[$name])) {
                $this->in->fault($token, Say::it('shorthand.each_mark_once'));

                return null;
            }
            $seen[$name] = true;
            if ('lay' === $name && null !== $lay) {
                $lay = self::LAYS[$token[1]];
            } elseif ('once' === $name) {
                $once = true;
            } elseif ('exception' === $name) {
                $exception = true;
            } elseif (
                \in_array($name, ['stop', 'reason', 'shape', 'clipper', 'note'], true)
                || ('called' === $name && null !== $tool['base'])
            ) {
                $said = $this->in->peek() ?? $token;
                $text = match ($name) {
                    'stop' => $this->in->oneOf(Way::STOPS, Say::it('shorthand.a_stop_line')),
                    'reason' => $this->in->oneOf(Way::REASONS, Say::it('shorthand.a_reason')),
                    default => $this->in->text(),
                };
                if (null === $text) {
                    return null;
                }
                if (mb_strlen($text) > (self::MOST[$name] ?? 40)) {
                    $this->in->fault($said, Say::it('shorthand.at_most_characters', self::MOST[$name] ?? 40));

                    return null;
                }
                $texts[$name] = $text;
            } else {
                $this->in->fault(
                    $token,
                    'lay' === $name
                        ? Say::it('shorthand.no_lay_no_blade_runs_here')
                        : Say::it('shorthand.a_mark_with_across_against_stop'),
                    'lay' === $name ? [] : ['with', 'across', 'against', 'once', 'called'],
                );

                return null;
            }
        }

        return new Way(
            $tool['method'],
            $tool['blade'],
            $tool['guard'],
            $tool['base'],
            $texts['called'] ?? null,
            $lay,
            $tool['about'],
            $texts['stop'] ?? null,
            $texts['shape'] ?? null,
            $texts['reason'] ?? null,
            $once,
            $exception,
            $texts['clipper'] ?? null,
            $texts['note'] ?? null,
        );
    }
}
