<?php

namespace Stable;

class Groom
{
    public function feed(int $hours): string
    {
        $ration = $hours > 0 ? Ration::forWork($hours) : Ration::forRest();
        return (string) $ration;
    }
}
