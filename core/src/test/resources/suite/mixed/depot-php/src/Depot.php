<?php
declare(strict_types=1);

namespace Aldera\Depot;

final class Depot
{
    public function __construct(private Check $checks, private Label $label = new NoLabel())
    {
    }

    public function take(array $crate): bool
    {
        $fault = $this->checks->look($crate);
        $this->label->text($fault ?? 'fine');
        return $fault === null;
    }
}
