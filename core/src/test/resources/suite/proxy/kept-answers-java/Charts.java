interface Charts { String at(int x); }
