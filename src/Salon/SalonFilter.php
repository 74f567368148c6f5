<?php

/** Adds "salon_id = the signed-in person's salon" to every query of a salon's rows. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Query\Filter\SQLFilter;

final class SalonFilter extends SQLFilter
{
    public function addFilterConstraint(ClassMetadata $targetEntity, string $targetTableAlias): string
    {
        return is_subclass_of($targetEntity->getName(), SalonOwned::class)
            ? \sprintf('%s.salon_id = UNHEX(%s)', $targetTableAlias, $this->getParameter('salon'))
            : '';
    }
}
