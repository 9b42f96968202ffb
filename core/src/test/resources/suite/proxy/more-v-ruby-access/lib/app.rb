require_relative "vault"

class App
  def initialize(vault)
    @vault = vault
  end

  def login(name, password)
    @vault.write(name, password)
    @vault.read(name)
  end
end

App.new(GuardedVault.new(Vault.new, User.new("ida", :admin))).login("ida", "x")
