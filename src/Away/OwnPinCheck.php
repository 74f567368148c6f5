<?php

/** Whether a PIN is one's own: tried as often as anywhere else. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Pins;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Security\SignedIn;
use KeenThistle\Staff\Throttle;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

final readonly class OwnPinCheck
{
    public function __construct(
        private Scope $scope,
        private Pins $pins,
        private Throttle $throttle,
        private PasswordHasherFactoryInterface $hashers,
    ) {
    }

    /** @throws Refused where it is not, or too many wrong ones were typed */
    public function hold(Actor $actor, #[\SensitiveParameter] string $pin, string $address): void
    {
        $me = $this->scope->person($actor);
        $this->throttle->attempt(['salon_pins' => (string) $actor->salon]);
        $this->pins->attempt($me);
        if (!$this->hashers->getPasswordHasher(SignedIn::class)->verify($me->pinHash, $pin)) {
            $this->pins->failed($me, $me, $address);
            throw Refused::field('pin', 'is not your PIN');
        }
        $this->throttle->succeeded(['salon_pins' => (string) $actor->salon]);
        $this->pins->forgive($me);
    }
}
