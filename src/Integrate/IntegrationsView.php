<?php

/** The programmes that are let in, what they may, and what they were told lately. A response record. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class IntegrationsView
{
    /**
     * @param list<IntegrationView> $integrations
     * @param list<array{id: string, label: string}> $rights
     * @param list<DeliveryView> $told newest first
     */
    public function __construct(
        public array $integrations,
        public array $rights,
        #[Gives('list<DeliveryView>')] public array $told,
        #[Says('requests a minute that a programme may make')] public int $a_minute,
        #[Says('only in the answer to letting one in: what it signs in with')] public ?string $token = null,
        #[Says('only beside the token: what it checks our signature with')] public ?string $secret = null,
    ) {
    }
}
