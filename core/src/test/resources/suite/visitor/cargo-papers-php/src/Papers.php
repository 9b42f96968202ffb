<?php
declare(strict_types=1);

namespace Papers;

final class Invoice implements Paper
{
    public function __construct(public readonly string $number, public readonly int $cents)
    {
    }

    public function show(PaperReader $reader): void
    {
        $reader->readInvoice($this);
    }
}

final class Permit implements Paper
{
    public function __construct(public readonly string $goods, public readonly \DateTimeImmutable $until)
    {
    }

    public function show(PaperReader $reader): void
    {
        $reader->readPermit($this);
    }
}

final class Folder implements Paper
{
    /** @var Paper[] */
    private array $papers = [];

    public function put(Paper $paper): void
    {
        $this->papers[] = $paper;
    }

    public function show(PaperReader $reader): void
    {
        $reader->readFolder($this);
        foreach ($this->papers as $paper) {
            $paper->show($reader);
        }
    }
}
