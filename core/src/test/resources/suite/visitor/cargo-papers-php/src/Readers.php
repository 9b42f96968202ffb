<?php
declare(strict_types=1);

namespace Papers;

interface PaperReader
{
    public function readInvoice(Invoice $invoice): void;

    public function readPermit(Permit $permit): void;

    public function readFolder(Folder $folder): void;
}

final class DutySum implements PaperReader
{
    private int $cents = 0;

    public function readInvoice(Invoice $invoice): void
    {
        $this->cents += intdiv($invoice->cents, 20);
    }

    public function readPermit(Permit $permit): void
    {
        $this->cents += 1500;
    }

    public function readFolder(Folder $folder): void
    {
    }

    public function cents(): int
    {
        return $this->cents;
    }
}

final class ExpiryCheck implements PaperReader
{
    /** @var string[] */
    private array $expired = [];

    public function __construct(private \DateTimeImmutable $today)
    {
    }

    public function readInvoice(Invoice $invoice): void
    {
    }

    public function readPermit(Permit $permit): void
    {
        if ($permit->until < $this->today) {
            $this->expired[] = $permit->goods;
        }
    }

    public function readFolder(Folder $folder): void
    {
    }

    public function expired(): array
    {
        return $this->expired;
    }
}
