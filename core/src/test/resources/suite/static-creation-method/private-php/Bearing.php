<?php
final class Bearing
{
    private float $radians;

    private function __construct(float $radians)
    {
        $this->radians = $radians;
    }

    public static function fromDegrees(float $degrees): self
    {
        return new self(deg2rad($degrees));
    }

    public function radians(): float
    {
        return $this->radians;
    }
}

final class Compass
{
    public function north(): float
    {
        return Bearing::fromDegrees(0)->radians();
    }
}
