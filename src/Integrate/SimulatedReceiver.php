<?php

/** Stands in for somebody's server: keeps what it is given once, as a file by its id; checks the signature's form. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Outbox\Receipt;
use KeenThistle\Outbox\SenderDown;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;

/** SIMULATED_RECEIVER makes it refuse for good (says no) or be away (refuses). */
final readonly class SimulatedReceiver implements Receiver
{
    public function __construct(
        #[Autowire('%env(SENDER_DIR)%')] private string $folder,
        #[Autowire('%env(SIMULATED_RECEIVER)%')] private string $mood,
    ) {
    }

    public function give(string $id, string $address, string $body, string $signature): Receipt
    {
        if ('refuses' === $this->mood) {
            throw new SenderDown('Nobody answers at this address just now.');
        }
        if ('says no' === $this->mood || 1 !== preg_match('/^t=\d+,v1=[0-9a-f]{64}$/D', $signature)) {
            return new Receipt(false, 'simulated: 401, the signature does not fit');
        }
        $file = "$this->folder/told/$id.json";
        if (!is_file($file)) {
            (new Filesystem())->dumpFile($file, $signature."\n".$body);
        }

        return new Receipt(true, 'simulated: taken, sent nowhere');
    }
}
