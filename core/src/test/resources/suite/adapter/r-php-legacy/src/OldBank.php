<?php
namespace Pay;

class OldBank
{
    public function do_payment($pence, $cur, $card)
    {
        return ['ok' => 1, 'ref' => md5($card . $pence . $cur)];
    }
}
