<?php

/** Marks every row that belongs to one salon, so that one filter can keep salons apart. */

declare(strict_types=1);

namespace KeenThistle\Salon;

interface SalonOwned
{
}
