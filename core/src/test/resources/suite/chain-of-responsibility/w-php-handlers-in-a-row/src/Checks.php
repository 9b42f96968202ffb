<?php
declare(strict_types=1);

namespace Gate;

interface Check
{
    public function pass(Request $request): ?string;
}

abstract class LinkedCheck implements Check
{
    public function __construct(private ?Check $following = null)
    {
    }

    protected function onward(Request $request): ?string
    {
        return $this->following?->pass($request);
    }
}

final class TokenCheck extends LinkedCheck
{
    public function pass(Request $request): ?string
    {
        if ($request->token === null) {
            return 'no token';
        }

        return $this->onward($request);
    }
}

final class PathCheck extends LinkedCheck
{
    public function pass(Request $request): ?string
    {
        if (str_contains($request->path, '..')) {
            return 'bad path';
        }

        return $this->onward($request);
    }
}
