<?php
namespace Paint;

final class History
{
    /** @var Snapshot[] */
    private array $steps = [];

    public function __construct(private readonly Sketch $sketch)
    {
    }

    public function keep(): void
    {
        $snapshot = $this->sketch->snapshot();
        if (count($snapshot->strokes()) > 0) {
            $this->steps[] = $snapshot;
        }
    }

    public function undo(): void
    {
        $last = array_pop($this->steps);
        if ($last !== null) {
            $this->sketch->restore($last);
        }
    }
}
