<?php

/** Makes an agreement tamper-evident: each seal covers its own content and the seal before it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

final readonly class Seal
{
    public function __construct(#[Autowire('%env(APP_SECRET)%')] private string $secret)
    {
    }

    /** @param string $before seal of the agreement before this one of the same arrival, or empty */
    public function of(Agreement $a, string $before): string
    {
        return hash_hmac('sha256', implode("\n", [
            (string) $a->id, (string) $a->arrival->id, $a->number, $a->agreed ? 'agreed' : 'refused', $a->signedBy, $a->signature, $a->at->format('Y-m-d H:i:s'), hash('sha256', $a->terms), $before,
        ]), $this->secret);
    }

    /** @param list<Agreement> $agreements of one arrival, oldest first */
    public function holds(array $agreements): bool
    {
        $before = '';
        foreach ($agreements as $i => $a) {
            if ($a->number !== $i + 1 || !hash_equals($this->of($a, $before), $a->seal)) {
                return false;
            }
            $before = $a->seal;
        }

        return true;
    }
}
