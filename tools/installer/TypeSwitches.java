import java.lang.classfile.ClassBuilder;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassModel;
import java.lang.classfile.ClassTransform;
import java.lang.classfile.CodeBuilder;
import java.lang.classfile.CodeElement;
import java.lang.classfile.CodeTransform;
import java.lang.classfile.Label;
import java.lang.classfile.instruction.InvokeDynamicInstruction;
import java.lang.constant.ClassDesc;
import java.lang.constant.ConstantDesc;
import java.lang.constant.MethodTypeDesc;
import java.lang.reflect.AccessFlag;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Writes choices by type into a class as methods of its own. As compiled, each is made when it is
/// first come to, which takes a millisecond or two, and a start comes to a hundred of them; what is
/// made so cannot be kept ahead of time.
///
/// What a choice answers is said by [java.lang.runtime.SwitchBootstraps#typeSwitch].
final class TypeSwitches {
  private static final String BOOTSTRAPS = "SwitchBootstraps";
  private static final String BOOTSTRAP = "typeSwitch";

  private final ClassDesc owner;
  private final boolean isInterface;
  private final Map<Choice, String> names = new LinkedHashMap<>();

  /// @param type from what is chosen and the label to begin with, to the label that fits
  private record Choice(MethodTypeDesc type, List<ClassDesc> labels) {}

  private TypeSwitches(ClassModel model) {
    this.owner = model.thisClass().asSymbol();
    this.isInterface = model.flags().has(AccessFlag.INTERFACE);
  }

  /// A transformation of one class.
  static ClassTransform within(ClassModel model) {
    TypeSwitches switches = new TypeSwitches(model);
    CodeTransform calls = switches::replace;
    return ClassTransform.transformingMethodBodies(calls)
        .andThen(ClassTransform.endHandler(switches::write));
  }

  private void replace(CodeBuilder code, CodeElement element) {
    if (element instanceof InvokeDynamicInstruction call && isByTypeAlone(call)) {
      List<ClassDesc> labels = call.bootstrapArgs().stream().map(ClassDesc.class::cast).toList();
      Choice choice = new Choice(call.typeSymbol(), labels);
      // One that is gone through again has its name already.
      String name = names.computeIfAbsent(choice, _ -> BOOTSTRAP + "$" + names.size());
      code.invokestatic(owner, name, choice.type(), isInterface);
    } else {
      code.with(element);
    }
  }

  /// Not one with constants among its labels, or with numbers to choose from.
  private static boolean isByTypeAlone(InvokeDynamicInstruction call) {
    return call.bootstrapMethod().methodName().equals(BOOTSTRAP)
        && call.bootstrapMethod().owner().displayName().equals(BOOTSTRAPS)
        && !call.typeSymbol().parameterType(0).isPrimitive()
        && call.bootstrapArgs().stream().allMatch(TypeSwitches::isClass);
  }

  private static boolean isClass(ConstantDesc label) {
    return label instanceof ClassDesc type && !type.isPrimitive();
  }

  private void write(ClassBuilder made) {
    names.forEach(
        (choice, name) ->
            made.withMethodBody(
                name,
                choice.type(),
                ClassFile.ACC_PRIVATE | ClassFile.ACC_STATIC | ClassFile.ACC_SYNTHETIC,
                code -> write(code, choice.labels())));
  }

  /// The number of the first label from the given one on that fits; -1 for nothing at all.
  private static void write(CodeBuilder code, List<ClassDesc> labels) {
    Label something = code.newLabel();
    code.aload(0).ifnonnull(something).iconst_m1().ireturn().labelBinding(something);
    for (int k = 0; k < labels.size(); k++) {
      Label next = code.newLabel();
      code.iload(1)
          .loadConstant(k)
          .if_icmpgt(next)
          .aload(0)
          .instanceOf(labels.get(k))
          .ifeq(next)
          .loadConstant(k)
          .ireturn()
          .labelBinding(next);
    }
    code.loadConstant(labels.size()).ireturn();
  }
}
