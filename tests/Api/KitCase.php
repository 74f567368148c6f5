<?php

/** The kit, as its tests ask for it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

abstract class KitCase extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
    }

    /** @param array<string, mixed> $tool */
    protected static function path(array $tool): string
    {
        return '/api/kit/'.self::text($tool['id']);
    }

    /** @return array<string, mixed> */
    protected function tool(string $label, string $place = 'Mill room'): array
    {
        return self::find(
            array_values(
                array_filter(
                    self::rows($this->ask('GET', '/api/kit', expect: 200)['items']),
                    static fn (array $i): bool => $place === $i['place_name'],
                ),
            ),
            'label',
            $label,
        );
    }

    /**
     * @param array<string, mixed> $tool
     *
     * @return array<string, mixed>
     */
    protected function life(array $tool): array
    {
        return $this->ask('GET', '/api/kit/'.self::text($tool['id']), expect: 200);
    }
}
