class Vault
  def initialize
    @secrets = {}
  end

  def read(name)
    @secrets[name]
  end

  def write(name, value)
    @secrets[name] = value
  end
end

class GuardedVault
  def initialize(vault, user)
    @vault = vault
    @user = user
  end

  def read(name)
    raise SecurityError, "no" unless @user.admin?

    @vault.read(name)
  end

  def write(name, value)
    raise SecurityError, "no" unless @user.admin?

    @vault.write(name, value)
  end
end

User = Struct.new(:name, :role) do
  def admin? = role == :admin
end
