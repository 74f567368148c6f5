<?php

/** The demo's house patterns: one that several follow, one that has changed since it was taken over. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Pattern\Follow;
use KeenThistle\Pattern\Pattern;
use KeenThistle\Salon\Salon;
use Symfony\Component\Uid\Uuid;

final readonly class DemoPatterns
{
    /** name, note, line, version, followers: dog => [version taken, own zones] */
    private const PATTERNS = [
        [
            'Weir rounds',
            'Even body, columned legs, round head: our most asked for.',
            'back ribs loin rump shoulder chest: 16/10; neck_sides nape: 16/10; throat belly: 7F; foreleg thigh '.
            'hock: scissor 25 ="legs columned" @balance; skull: scissor 24 ="round head, soft muzzle"; muzzle '.
            'beard: scissor 22; tail_flag: scissor 30; toe_outline: scissor 18 ="round foot"; pads: toe '.
            '@hygiene; groin under_tail_ring: 10 @hygiene',
            2,
            ['Tansy' => [2, []], 'Hobnob' => [1, ['skull', 'muzzle', 'beard']]],
        ],
        [
            'Close and cool',
            'For hot weeks and swimmers.',
            'back ribs loin rump shoulder chest neck_sides nape: 10/10; throat belly: 7F; foreleg thigh hock: '.
            '13/10; pads: toe @hygiene; groin under_tail_ring: 10 @hygiene',
            1,
            ['Perrin' => [1, ['foreleg_left', 'foreleg_right']]],
        ],
        [
            'Hill terrier by hand',
            'Pulled, never clipped; in instalments where the dog tires.',
            'back ribs loin rump shoulder: strip 28 @breed_outline; neck_sides nape: strip 18 @breed_outline; '.
            'skull: strip 6; brow: scissor 20 ="straight brow"; beard: scissor 38 ="beard kept"; pads: toe @hygiene',
            1,
            ['Osric' => [1, []]],
        ],
    ];

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function load(Salon $salon): void
    {
        foreach (self::PATTERNS as [$name, $note, $line, $version, $followers]) {
            $read = Notation::parse($line);
            if ([] !== $read->faults) {
                throw new \LogicException("$name: ".$read->faults[0]->message());
            }
            $pattern = new Pattern(Uuid::v7(), $salon, $name, Notation::format($read->plan));
            $pattern->note = $note;
            $pattern->lineVersion = $version;
            $this->manager->persist($pattern);
            foreach ($followers as $dog => [$taken, $own]) {
                $follow = new Follow(
                    Uuid::v7(),
                    $this->manager->getRepository(Dog::class)->findOneBy(['name' => $dog]) ??
                        throw new \LogicException("The demo salon has $dog."),
                    $pattern,
                    $taken,
                );
                $follow->own = $own;
                $this->manager->persist($follow);
            }
        }
        $this->manager->flush();
    }
}
