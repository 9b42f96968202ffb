<?php
declare(strict_types=1);

namespace Shop\Jobs;

use Shop\Mailer;

final class SendReceipt implements Job
{
    public function __construct(private readonly Mailer $mailer, private readonly string $to, private readonly int $order)
    {
    }

    public function handle(): void
    {
        $this->mailer->send($this->to, "Receipt for {$this->order}");
    }
}
