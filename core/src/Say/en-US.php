<?php

/** What is written otherwise in American English; everything else is as en.php has it. */

declare(strict_types=1);

return [
    'care.practise_with' => 'Practice with %s',
    'money.cancelled_late' => 'Canceled late: %s',
    'nails.quick_near_slivers_only_stop_at' => 'Quick near: slivers only, stop at the first gray spot; '.
        'bleeding: styptic, pressure, note it, tell the owner.',
    'order.fringe_keep' => 'Fringe: center and lashes kept, the sides cleared.',
    'school.fringe.keep' => 'keep center and lashes, clear the sides',
    'timing.cancelled_late' => 'canceling less than %d hours before costs %d %% of the price',
];
