<?php
namespace Aldera;

abstract class Refused extends \RuntimeException
{
}

final class NoLicence extends Refused
{
}

final class WrongBerth extends Refused
{
}

final class Policy
{
    /** @var string[] */
    private array $open = ['N1', 'N2'];

    public function check(string $kind, string $berth): void
    {
        if ($kind === 'tanker') {
            throw new NoLicence("no $kind here");
        }
        if (!in_array($berth, $this->open, true)) {
            throw new WrongBerth($berth);
        }
    }
}
