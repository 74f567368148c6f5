<?php

/** One of the two moments. A response record. */

declare(strict_types=1);

namespace KeenThistle\Outlook;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: ['id', 'day', 'title', 'who', 'place', 'minutes', 'load', 'note', 'zones', 'photos'],
    properties: [
        new OA\Property('id', type: 'string', description: 'of a visit, "today" or "plan"'),
        new OA\Property('day', type: 'string'),
        new OA\Property('title', type: 'string'),
        new OA\Property('who', type: 'string', nullable: true),
        new OA\Property('place', type: 'string', nullable: true),
        new OA\Property('minutes', type: 'integer', nullable: true),
        new OA\Property('load', type: 'number', nullable: true),
        new OA\Property('note', type: 'string'),
        new OA\Property(
            'zones',
            type: 'array',
            items: new OA\Items(
                required: ['zone', 'mm', 'tool', 'state', 'exception'],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('mm', type: 'number', nullable: true),
                    new OA\Property('tool', type: 'string'),
                    new OA\Property('state', type: 'string'),
                    new OA\Property('exception', type: 'boolean'),
                ],
            ),
        ),
        new OA\Property(
            'photos',
            type: 'array',
            items: new OA\Items(
                required: ['id', 'moment', 'zone'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('moment', type: 'string'),
                    new OA\Property('zone', type: 'string'),
                ],
            ),
        ),
    ],
)]
final class SideView
{
}
