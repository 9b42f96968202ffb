<?php
declare(strict_types=1);

namespace Gate;

final class Request
{
    public function __construct(public readonly string $path, public readonly ?string $token = null)
    {
    }
}
