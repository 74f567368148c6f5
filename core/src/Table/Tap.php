<?php

/** One tap at the table: who, when, about what. A groom is the list of its taps; everything else follows from them. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

final readonly class Tap
{
    /** A device's own name for a tap. */
    public const ID = '/^[A-Za-z0-9_-]{8,64}$/D';
    public const KINDS = [
        'zone',
        'step',
        'timer',
        'felt',
        'reading',
        'welfare',
        'claw',
        'pads',
        'ear',
        'eye',
        'extents',
        'incident',
        'told',
        'pause',
        'resume',
        // Where the dog is now, said in one go.
        'phase',
        'hand_over',
        'note',
        'look',
        'ready',
        'tires',
        'choose',
    ];
    public const ZONE_STATES = ['planned', 'done', 'partly', 'deferred', 'not_needed'];
    public const STEP_STATES = ['open', 'done', 'skipped'];
    public const CLAW_STATES = ['tipped', 'tiny_cut', 'ground', 'left', 'refused', 'quicked'];
    public const EAR_STATES = ['cleaned', 'clean_already', 'left', 'refer'];
    public const PHASES = ['prepare', 'bath', 'dry', 'strip', 'cut', 'ready'];
    public const EYE_STATES = ['wiped', 'left', 'refer'];
    /** Taps that today's list is made anew by. */
    public const REMAKES = ['ready', 'tires'];

    /**
     * @param int $seq its place in the groom, from 1
     * @param string $who name
     * @param string $device the tablet or phone it was tapped on
     * @param array<string, mixed> $data by kind, as it was checked when it came in
     * @param bool $held kept, but not counted: somebody else had tapped the same otherwise
     */
    public function __construct(
        public string $id,
        public int $seq,
        public string $who,
        public string $device,
        public \DateTimeImmutable $at,
        public string $kind,
        public array $data,
        public bool $held = false,
    ) {
    }

    public function text(string $name): string
    {
        $value = $this->data[$name] ?? null;

        return \is_string($value) ? $value : '';
    }

    public function number(string $name): ?float
    {
        $value = $this->data[$name] ?? null;

        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }

    public function yes(string $name): bool
    {
        return true === ($this->data[$name] ?? null);
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $value = $this->data[$name] ?? null;

        return \is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }
}
