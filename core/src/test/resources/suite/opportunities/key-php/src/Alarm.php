<?php
namespace Aldera\Alarm;
interface Alarm { public function ring(): string; }
class Bell implements Alarm { public function ring(): string { return 'ding'; } }
class Siren implements Alarm { public function ring(): string { return 'woo'; } }
class Sms implements Alarm { public function ring(): string { return 'beep'; } }
class Watchman
{
    public function warn(string $how): void
    {
        if ($how === 'bell') { $alarm = new Bell(); }
        elseif ($how === 'siren') { $alarm = new Siren(); }
        else { $alarm = new Sms(); }
        echo $alarm->ring();
    }
}
(new Watchman())->warn('bell');
