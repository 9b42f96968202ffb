<?php
declare(strict_types=1);

interface Step
{
    public function handle(array $form, callable $next): string;
}

final class RequireName implements Step
{
    public function handle(array $form, callable $next): string
    {
        if (($form['name'] ?? '') === '') {
            return 'a name is missing';
        }
        return $next($form);
    }
}

final class RequireBerth implements Step
{
    public function handle(array $form, callable $next): string
    {
        if (!isset($form['berth'])) {
            return 'a berth is missing';
        }
        return $next($form);
    }
}

final class Pipeline
{
    /** @var Step[] */
    private array $steps = [];

    public function through(Step $step): self
    {
        $this->steps[] = $step;
        return $this;
    }

    public function run(array $form): string
    {
        $chain = array_reduce(
            array_reverse($this->steps),
            fn (callable $next, Step $step) => fn (array $form) => $step->handle($form, $next),
            fn (array $form) => 'accepted'
        );
        return $chain($form);
    }
}
