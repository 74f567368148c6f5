<?php

/** Stands in for a message service: takes everything that has an address, sends nothing anywhere. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Keeps an empty file a message, so that it knows one again. SIMULATED_SENDER makes it refuse, hang or answer late. */
final readonly class SimulatedSender implements Sender
{
    private const FOR_EVER_S = 3600;

    public function __construct(
        #[Autowire('%env(SENDER_DIR)%')] private string $folder,
        #[Autowire('%env(SIMULATED_SENDER)%')] private string $mood,
    ) {
    }

    public function send(string $id, string $to, string $text): Receipt
    {
        if ('refuses' === $this->mood) {
            throw new SenderDown('The message service is not there just now.');
        }
        if ('hangs' === $this->mood) {
            sleep(self::FOR_EVER_S);
        }
        if ('' === trim($to)) {
            return new Receipt(false, 'no number or address on the card');
        }
        $this->keep("$this->folder/$id");
        if ('late' === $this->mood) {
            sleep(self::FOR_EVER_S);
        }

        return new Receipt(true, 'simulated: kept in the outbox, sent nowhere');
    }

    private function keep(string $file): void
    {
        if (!is_dir($this->folder)) {
            @mkdir($this->folder, 0o700, true);
        }
        $new = @fopen($file, 'x');
        if (false !== $new) {
            fclose($new);
        } elseif (!is_file($file)) {
            throw new SenderDown('The message service cannot keep anything.');
        }
    }
}
